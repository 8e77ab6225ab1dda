import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { learnedOvenInWords } from '@orvin/core/words/oven-words';
import { InputText } from 'primeng/inputtext';
import { USUAL_HEATING_MINUTES } from '@orvin/core/oven/baking';
import type { OvenReading } from '@orvin/core/kitchen/kitchen';
import { ownOvenInWords } from '@orvin/core/words/oven-words';
import { dialDegrees } from '@orvin/core/ground/units';
import { FigureField, HeatField } from '../parts/kept-field';
import { OwnDial } from '../parts/own-dial';
import { Learning } from '../work/learning';
import { ThisBake } from './this-bake';

/** The baker's own oven: how long it heats, and what a thermometer in it said. It holds for every formula. */
@Component({
  selector: 'orv-this-oven',
  imports: [FigureField, HeatField, InputText, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>This oven <span class="caption">for every formula</span></h2>
    <p class="known">{{ words() }}</p>
    @if (learnt(); as learnt) {
      <p class="known" i18n>{{ learnt }} <a routerLink="/book">The Book</a></p>
      <label class="use">
        <input
          type="checkbox"
          [checked]="learning.used()"
          (change)="settings.setOven({ asSet: learning.used() || undefined })"
        />&ngsp;
        <ng-container i18n>what bakes taught is used</ng-container>
      </label>
    }
    <div class="field">
      <label for="reading-read" i18n>reads</label>
      <span class="with-unit">
        <input
          pInputText
          #read
          id="reading-read"
          [placeholder]="usually()"
          #reads="orvHeat"
          [orvHeat]="readCelsius()"
          [lowest]="setCelsius() - 60"
          [highest]="setCelsius() + 60"
          [read]="true"
          keptAs="oven reads"
          (heatSaid)="readCelsius.set($event)"
        />&ngsp; {{ reads.unit() }} <ng-container i18n>set to</ng-container>&ngsp;
        <input
          pInputText
          i18n-aria-label
          aria-label="Set point when the thermometer was read"
          [orvHeat]="setCelsius()"
          [lowest]="80"
          [highest]="300"
          keptAs="oven set to when read"
          (heatSaid)="setCelsius.set($event ?? 180)"
        />
        <button type="button" class="quiet" (click)="add(read)" i18n>Note it</button>
      </span>
    </div>
    @for (reading of readings(); track $index) {
      <p class="reading">
        <ng-container i18n
          >set to {{ dial.heat(reading.setCelsius) }}, read {{ dial.heat(reading.readCelsius) }}</ng-container
        >&ngsp;
        <button
          type="button"
          class="quiet"
          (click)="forget($index)"
          [attr.aria-label]="texts.forgetTheReadingOf(dial.heat(reading.readCelsius))"
        >
          ×
        </button>
      </p>
    }
    <div class="field">
      <label for="heats-in" i18n>heats in</label>
      <span class="with-unit">
        <input
          pInputText
          id="heats-in"
          [orvFigure]="settings.ownOven().heatsInMinutes"
          [lowest]="2"
          [highest]="60"
          unit="min"
          keptAs="oven heats in"
          [placeholder]="usual"
          (figureSaid)="settings.setOven({ heatsInMinutes: $event })"
        />&ngsp;
        <ng-container i18n>min to {{ dial.heat(180) }}</ng-container>
      </span>
    </div>
  `,
  styleUrls: ['../parts/panels.css', './oven.css'],
  styles: `
    :host {
      display: block;
      margin-top: 22px;
    }
    .with-unit {
      flex-wrap: wrap;
    }
    .field:has(#reading-read) {
      align-items: start;
    }
    .field:has(#reading-read) > label {
      padding-top: 10px;
    }
    .with-unit input {
      width: 4.4rem;
    }
    .known {
      margin: 0;
      color: var(--ink-2);
    }
    .use {
      display: flex;
      align-items: center;
      gap: 8px;
      min-height: 32px;
    }
    .use input {
      flex: none;
      width: 20px;
      height: 20px;
      min-height: 0;
    }
    @media (pointer: coarse) {
      .use {
        min-height: var(--finger);
      }
    }
    .reading {
      display: flex;
      align-items: center;
      margin: 0;
      padding-left: 96px;
      color: var(--ink-2);
    }
  `,
})
export class ThisOven {
  protected readonly texts = {
    forgetTheReadingOf: (heat: string) => $localize`Forget the reading of ${heat}`,
  };
  protected readonly settings = inject(ThisBake);
  protected readonly dial = inject(OwnDial);
  /** What a thermometer says in an oven that is set as most are. */
  protected readonly usually = computed(() => String(dialDegrees(this.dial.scale(), 171)));
  protected readonly usual = String(USUAL_HEATING_MINUTES);
  protected readonly readings = computed<readonly OvenReading[]>(() => this.settings.ownOven().readings);
  protected readonly words = computed(() => ownOvenInWords(this.settings.offset(), this.dial.scale()));

  protected readonly learning = inject(Learning);
  protected readonly learnt = computed(() => {
    const kitchen = this.learning.learned()?.kitchen;
    return kitchen && learnedOvenInWords(kitchen, this.dial.scale());
  });

  protected readonly setCelsius = signal(180);
  protected readonly readCelsius = signal<number | undefined>(undefined);

  protected add(field: HTMLInputElement): void {
    const readCelsius = this.readCelsius();
    if (readCelsius === undefined) {
      field.focus();
      field.select();
      return;
    }
    this.settings.setOven({
      readings: [...this.readings(), { setCelsius: this.setCelsius(), readCelsius, at: Date.now() }],
    });
    this.readCelsius.set(undefined);
  }
  protected forget(index: number): void {
    this.settings.setOven({ readings: this.readings().filter((_, i) => i !== index) });
  }
}
