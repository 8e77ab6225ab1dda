import { tableWords } from '@orvin/core/words/table-words';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Button } from 'primeng/button';
import { InputText } from 'primeng/inputtext';
import { learn, type OwnPan } from '@orvin/core/kitchen/kitchen';
import { PAN_SHAPE_NAMES } from '@orvin/core/words/names';
import { cavityMillilitres, materialById, PAN_SHAPES, type PanShape } from '@orvin/core/kitchen/pans';
import { ChoiceField } from '../parts/choice';
import { brimWords } from '../parts/pan-shapes';
import { FormulaStore } from '../store/formula-store';
import { draftOf, EMPTY_DRAFT, MADE_OF, panOf, type PanDraft, type PanField } from './pan-draft';
import { PanDrawing } from './pan-drawing';
import { OwnDial } from '../parts/own-dial';

interface Field {
  readonly field: PanField;
  readonly label: string;
  readonly unit: string;
  readonly hint: string;
}

/** One pan, measured inside with a rule or with water, and drawn as it is written. */
@Component({
  selector: 'orv-pan-editor',
  imports: [Button, FormsModule, InputText, PanDrawing, ChoiceField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form (submit)="$event.preventDefault(); keep()">
      <h2>{{ pan() ? texts.measureItAgain : texts.measureAPan }}</h2>
      <p class="caption" i18n>
        Inside, in centimetres. A leaning wall: the rim and the floor. An odd shape: pour in water.
      </p>
      <div class="field">
        <label for="pan-name" i18n>name</label>
        <input
          pInputText
          id="pan-name"
          maxlength="60"
          autocomplete="off"
          [value]="draft().name"
          (input)="set('name', name.value)"
          #name
          i18n-placeholder
          placeholder="heart tin"
        />
      </div>
      <div class="field">
        <label id="pan-shape-label" for="pan-shape" i18n>shape</label>
        <orv-choice
          inputId="pan-shape"
          ariaLabelledBy="pan-shape-label"
          [options]="shapes"
          [chosen]="draft().shape"
          (choose)="setShape($event)"
        />
      </div>
      @for (row of fields(); track row.field) {
        <div class="field">
          <label [for]="'pan-' + row.field">{{ row.label }}</label>
          <span class="with-unit">
            <input
              #value
              pInputText
              [id]="'pan-' + row.field"
              inputmode="decimal"
              autocomplete="off"
              [value]="draft()[row.field]"
              [placeholder]="row.hint"
              (input)="set(row.field, value.value)"
            />
            {{ row.unit }}
          </span>
        </div>
      }
      @if (draft().shape === 'ring') {
        <label class="tick"
          ><input type="checkbox" [checked]="draft().fluted" (change)="flute(fluted.checked)" #fluted />&ngsp;
          <ng-container i18n>fluted</ng-container></label
        >
      }
      <div class="field">
        <label id="pan-made-label" for="pan-made" i18n>made of</label>
        <orv-choice
          inputId="pan-made"
          ariaLabelledBy="pan-made-label"
          [options]="materials"
          [chosen]="draft().madeOf"
          (choose)="set('madeOf', $event)"
        />
      </div>
      @if (caution(); as words) {
        <p class="caption">{{ words }}</p>
      }
      @if (read(); as sound) {
        <div class="seen">
          <orv-pan-drawing [pan]="sound.pan" [scale]="5" [both]="true" />
          <p>
            <b>{{ brim() }}</b> {{ byWater() }}
          </p>
        </div>
      }
      @if (tried()) {
        <ul>
          @for (fault of faults(); track fault.say) {
            <li class="problem" role="status">
              <span class="mark mark-warning" aria-hidden="true">▲</span> {{ fault.say }}
            </li>
          }
        </ul>
      }
      <div class="acts">
        <p-button type="submit" i18n-label label="Put it on the shelf" />
        <p-button i18n-label label="Leave it" [text]="true" (onClick)="closed.emit()" />
      </div>
    </form>
  `,
  styles: `
    form {
      max-width: 30rem;
    }
    .field {
      display: grid;
      grid-template-columns: 9rem minmax(0, 1fr);
      align-items: center;
      gap: 10px;
      min-height: 46px;
    }
    label {
      color: var(--ink-2);
    }
    .with-unit {
      display: flex;
      align-items: center;
      gap: 6px;
      color: var(--ink-2);
    }
    .with-unit input {
      width: 6rem;
      text-align: right;
    }
    .tick {
      display: flex;
      align-items: center;
      gap: 8px;
      min-height: 44px;
    }
    .tick input {
      width: 20px;
      height: 20px;
      accent-color: var(--rim);
    }
    .seen {
      border-top: 3px solid var(--rim);
      border-bottom: 1px solid var(--hair);
      padding: 12px 0;
      margin: 10px 0;
      overflow: hidden;
    }
    .seen b {
      font-size: var(--step-1);
    }
    .problem {
      color: var(--alert);
    }
    .acts {
      display: flex;
      gap: 10px;
      margin-top: 10px;
    }
  `,
})
export class PanEditor {
  protected readonly texts = {
    measureItAgain: $localize`Measure it again`,
    measureAPan: $localize`Measure a pan`,
  };
  readonly pan = input<OwnPan>();
  readonly closed = output();
  private readonly dial = inject(OwnDial);
  private readonly store = inject(FormulaStore);
  protected readonly shapes = PAN_SHAPES.map((id) => ({ id, name: PAN_SHAPE_NAMES[id] }));
  protected readonly materials = [...MADE_OF];
  protected readonly draft = linkedSignal<PanDraft>(() => {
    const ownPan = this.pan();
    return ownPan ? draftOf(ownPan) : EMPTY_DRAFT;
  });
  protected readonly tried = signal(false);
  protected readonly fields = computed<readonly Field[]>(() => {
    const { shape, topLength, topWidth } = this.draft();
    const boxed = shape === 'rectangle' || shape === 'loaf';
    const cm = (field: PanField, label: string, hint = ''): Field => ({ field, label, unit: 'cm', hint });
    return [
      cm('topLength', boxed ? $localize`length at the rim` : $localize`across at the rim`),
      ...(boxed ? [cm('topWidth', $localize`width at the rim`, topLength)] : []),
      cm('bottomLength', boxed ? $localize`length at the floor` : $localize`across at the floor`, topLength),
      ...(boxed ? [cm('bottomWidth', $localize`width at the floor`, topWidth)] : []),
      cm('depth', 'depth'),
      ...(boxed || shape === 'square' ? [cm('corner', $localize`corner radius`, '0')] : []),
      ...(shape === 'ring' ? [cm('tube', $localize`tube across`, '7')] : []),
      ...(shape === 'muffin' || shape === 'ring'
        ? [{ field: 'cavities', label: $localize`cups in it`, unit: '', hint: '1' } as const]
        : []),
      {
        field: 'water',
        label: $localize`water to the brim`,
        unit: shape === 'muffin' ? $localize`ml in one cup` : 'ml',
        hint: this.plainBrim(),
      },
      { field: 'count', label: $localize`how many`, unit: '', hint: '1' },
    ];
  });
  protected readonly read = computed(() => {
    const read = panOf(this.draft());
    return 'pan' in read ? read : this.nameless();
  });
  /** Drawn as soon as its measures are sound, whatever it is called. */
  private readonly nameless = computed(() => {
    const read = panOf({ ...this.draft(), name: this.draft().name || 'pan' });
    return 'pan' in read ? read : undefined;
  });
  private readonly plainBrim = computed(() => {
    const read = panOf({ ...this.draft(), name: 'pan', water: '' });
    return 'pan' in read ? String(Math.round(cavityMillilitres(read.pan))) : '';
  });
  protected readonly faults = computed(() => {
    const read = panOf(this.draft());
    return 'faults' in read ? read.faults : [];
  });
  protected readonly brim = computed(() => {
    const read = this.read();
    return read ? brimWords(cavityMillilitres(read.pan) * read.pan.cavities) : '';
  });
  protected readonly byWater = computed(() => {
    const read = this.read();
    if (read?.pan.measuredMillilitres === undefined) return $localize`by its measures`;
    const share = Math.round(100 * (read.pan.measuredMillilitres / Math.max(1, Number(this.plainBrim())) - 1));
    return share === 0
      ? $localize`by water, as its measures say`
      : $localize`by water: ${Math.abs(share)} % ${share < 0 ? $localize`less` : $localize`more`} than its measures say`;
  });
  protected readonly caution = computed(() => {
    const material = materialById(this.draft().madeOf);
    return material ? $localize`To ${this.dial.heat(material.safeCelsius)}. ${tableWords(material.caution)}.` : '';
  });

  protected set(field: PanField, value: string): void {
    this.draft.update((draft) => ({ ...draft, [field]: value }));
  }
  protected setShape(shape: PanShape): void {
    this.draft.update((draft) => ({ ...draft, shape }));
  }
  protected flute(fluted: boolean): void {
    this.draft.update((draft) => ({ ...draft, fluted }));
  }
  protected keep(): void {
    this.tried.set(true);
    const read = panOf(this.draft());
    if ('faults' in read) return;
    const { id, madeOf, name } = this.draft();
    const ownPan: OwnPan = {
      id: id || crypto.randomUUID(),
      name: name.trim(),
      pan: read.pan,
      count: read.count,
      madeOf,
    };
    this.store.changeKitchen($localize`putting ${ownPan.name} on the shelf`, (kitchen) => learn.pan(kitchen, ownPan));
    this.closed.emit();
  }
}
