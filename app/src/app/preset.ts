import { definePreset } from '@primeuix/themes';
import base from '@primeuix/themes/aura/base';
import autocomplete from '@primeuix/themes/aura/autocomplete';
import button from '@primeuix/themes/aura/button';
import dialog from '@primeuix/themes/aura/dialog';
import inputtext from '@primeuix/themes/aura/inputtext';
import popover from '@primeuix/themes/aura/popover';
import select from '@primeuix/themes/aura/select';
import selectbutton from '@primeuix/themes/aura/selectbutton';
import slider from '@primeuix/themes/aura/slider';
import textarea from '@primeuix/themes/aura/textarea';
import toast from '@primeuix/themes/aura/toast';
import togglebutton from '@primeuix/themes/aura/togglebutton';

/*
 * PrimeNG under our own tokens: every colour is one of styles.css, so that day and night need no second scheme here. Fields are lines to
 * write on, not boxes; corners hardly round; rims instead of shadows. Only the components in use are listed: the rest stays out of the
 * bundle.
 */

const field = {
  background: 'transparent',
  disabledBackground: 'transparent',
  borderColor: 'var(--rim-2)',
  hoverBorderColor: 'var(--rim)',
  focusBorderColor: 'var(--rim)',
  invalidBorderColor: 'var(--alert)',
  color: 'var(--ink)',
  disabledColor: 'var(--ink-3)',
  placeholderColor: 'var(--ink-3)',
  invalidPlaceholderColor: 'var(--alert)',
  iconColor: 'var(--ink-2)',
  shadow: 'none',
};
const toastLook = {
  background: 'var(--enamel)',
  borderColor: 'var(--rim-2)',
  color: 'var(--ink)',
  detailColor: 'var(--ink-2)',
  shadow: 'none',
  closeButton: { hoverBackground: 'var(--rim-wash)', focusRing: { color: 'var(--rim)', shadow: 'none' } },
};
const buttonLook = (background: string, hover: string, border: string, color: string) => ({
  background,
  hoverBackground: hover,
  activeBackground: hover,
  borderColor: border,
  hoverBorderColor: border,
  activeBorderColor: border,
  color,
  hoverColor: color,
  activeColor: color,
  focusRing: { color: 'var(--rim)', shadow: 'none' },
});
const quiet = {
  hoverBackground: 'var(--rim-wash)',
  activeBackground: 'var(--rim-2)',
  color: 'var(--rim)',
  borderColor: 'var(--rim)',
};

export const OrvinPreset = definePreset(
  {
    ...base,
    components: {
      autocomplete,
      button,
      dialog,
      inputtext,
      popover,
      select,
      selectbutton,
      slider,
      textarea,
      toast,
      togglebutton,
    },
  },
  {
    semantic: {
      transitionDuration: '0.12s',
      focusRing: { width: '2.5px', style: 'solid', color: 'var(--rim)', offset: '2px', shadow: 'none' },
      formField: {
        paddingX: '0.5rem',
        paddingY: '0.5rem',
        borderRadius: 'var(--corner)',
        focusRing: { width: '0', style: 'none', color: 'transparent', offset: '0', shadow: 'none' },
        transitionDuration: '0.12s',
      },
      list: { padding: '4px', option: { padding: '0.5rem 0.625rem', borderRadius: '2px' } },
      content: { borderRadius: 'var(--corner)' },
      overlay: {
        select: { borderRadius: 'var(--corner)', shadow: '0 0 0 1px var(--rim)' },
        popover: { borderRadius: 'var(--corner)', padding: '1rem', shadow: '0 0 0 1px var(--rim)' },
        modal: { borderRadius: 'var(--corner)', padding: '1.5rem', shadow: '0 0 0 1px var(--rim)' },
      },
      colorScheme: {
        light: {
          primary: {
            color: 'var(--rim)',
            contrastColor: 'var(--on-rim)',
            hoverColor: 'var(--rim)',
            activeColor: 'var(--rim)',
          },
          highlight: {
            background: 'var(--rim-wash)',
            focusBackground: 'var(--rim-wash)',
            color: 'var(--ink)',
            focusColor: 'var(--ink)',
          },
          mask: { background: 'color-mix(in srgb, var(--ink), transparent 65%)' },
          formField: field,
          text: {
            color: 'var(--ink)',
            hoverColor: 'var(--ink)',
            mutedColor: 'var(--ink-2)',
            hoverMutedColor: 'var(--ink)',
          },
          content: {
            background: 'var(--enamel)',
            hoverBackground: 'var(--rim-wash)',
            borderColor: 'var(--hair)',
            color: 'var(--ink)',
            hoverColor: 'var(--ink)',
          },
          overlay: {
            select: { background: 'var(--enamel)', borderColor: 'var(--rim)', color: 'var(--ink)' },
            popover: { background: 'var(--enamel)', borderColor: 'var(--rim)', color: 'var(--ink)' },
            modal: { background: 'var(--enamel)', borderColor: 'var(--rim)', color: 'var(--ink)' },
          },
          list: {
            option: {
              focusBackground: 'var(--rim-wash)',
              selectedBackground: 'var(--rim-wash)',
              selectedFocusBackground: 'var(--rim-2)',
              color: 'var(--ink)',
              focusColor: 'var(--ink)',
              selectedColor: 'var(--ink)',
              selectedFocusColor: 'var(--ink)',
            },
            optionGroup: { background: 'transparent', color: 'var(--ink-3)' },
          },
        },
      },
    },
    components: {
      button: {
        root: { paddingX: '0.9375rem', paddingY: '0.5rem', label: { fontWeight: '620' } },
        colorScheme: {
          light: {
            root: {
              primary: buttonLook(
                'var(--rim)',
                'color-mix(in srgb, var(--rim), var(--ink) 20%)',
                'var(--rim)',
                'var(--on-rim)',
              ),
              secondary: buttonLook('var(--enamel)', 'var(--rim-wash)', 'var(--rim)', 'var(--rim)'),
            },
            outlined: { primary: quiet, secondary: quiet },
            text: { primary: quiet, secondary: { ...quiet, color: 'var(--ink-2)' } },
          },
        },
      },
      toast: {
        colorScheme: {
          light: {
            root: { blur: '0' },
            info: toastLook,
            success: toastLook,
            warn: toastLook,
            error: toastLook,
            secondary: toastLook,
          },
        },
      },
      slider: {
        track: { size: '4px', background: 'var(--hair)' },
        range: { background: 'var(--rim)' },
        handle: {
          width: '26px',
          height: '26px',
          background: 'var(--ink)',
          hoverBackground: 'var(--ink)',
          content: {
            width: '22px',
            height: '22px',
            background: 'var(--butter)',
            hoverBackground: 'var(--butter)',
            shadow: 'none',
          },
        },
        colorScheme: { light: { handle: { content: { background: 'var(--butter)' } } } },
      },
      togglebutton: {
        root: { padding: '2px', borderRadius: 'var(--corner)' },
        content: { padding: '0.375rem 0.5rem', borderRadius: '2px', checkedShadow: 'none' },
        colorScheme: {
          light: {
            root: {
              background: 'var(--enamel)',
              checkedBackground: 'var(--enamel)',
              hoverBackground: 'var(--rim-wash)',
              borderColor: 'var(--rim-2)',
              checkedBorderColor: 'var(--rim-2)',
              color: 'var(--ink-2)',
              hoverColor: 'var(--ink)',
              checkedColor: 'var(--on-rim)',
            },
            content: { checkedBackground: 'var(--rim)' },
          },
        },
      },
    },
  },
);
