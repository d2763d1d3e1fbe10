import { definePreset } from '@primeuix/themes';
import base from '@primeuix/themes/aura/base';
import badge from '@primeuix/themes/aura/badge';
import button from '@primeuix/themes/aura/button';
import datatable from '@primeuix/themes/aura/datatable';
import dialog from '@primeuix/themes/aura/dialog';
import inputnumber from '@primeuix/themes/aura/inputnumber';
import inputtext from '@primeuix/themes/aura/inputtext';
import menu from '@primeuix/themes/aura/menu';
import paginator from '@primeuix/themes/aura/paginator';
import progressbar from '@primeuix/themes/aura/progressbar';
import select from '@primeuix/themes/aura/select';
import selectbutton from '@primeuix/themes/aura/selectbutton';
import toast from '@primeuix/themes/aura/toast';
import togglebutton from '@primeuix/themes/aura/togglebutton';
import tooltip from '@primeuix/themes/aura/tooltip';
import virtualscroller from '@primeuix/themes/aura/virtualscroller';

/** The library's own values for the components that are used here, and for no other: half of what the first page loads would be those. */
const used = {
    ...base,
    components: {
        badge,
        button,
        datatable,
        dialog,
        inputnumber,
        inputtext,
        menu,
        paginator,
        progressbar,
        select,
        selectbutton,
        toast,
        togglebutton,
        tooltip,
        virtualscroller,
    },
};

const paper = {
    0: '#fbf9f3', 50: '#f4f1e9', 100: '#ebe6da', 200: '#ddd7c8', 300: '#c9c3b4', 400: '#9d978a', 500: '#6d6a62',
    600: '#545148', 700: '#3d3b35', 800: '#2b2c2b', 900: '#22262b', 950: '#16181b',
}; // prettier-ignore

const chalk = {
    50: '#eef4fa', 100: '#d6e4f1', 200: '#adc9e3', 300: '#7fa9d0', 400: '#4c83b6', 500: '#1f5f96', 600: '#1a5182',
    700: '#15426a', 800: '#113553', 900: '#0d2840', 950: '#081a2a',
}; // prettier-ignore

/** Our own look for the library's components: paper, ink and chalk blue, hard corners, tabular figures. */
export const preset = definePreset(used, {
    primitive: { borderRadius: { none: '0', xs: '1px', sm: '2px', md: '3px', lg: '4px', xl: '6px' } },
    semantic: {
        primary: chalk,
        formField: { paddingX: '0.5rem', paddingY: '0.3rem' },
        colorScheme: {
            light: {
                surface: paper,
                primary: { color: '{primary.500}', contrastColor: '#ffffff', hoverColor: '{primary.600}', activeColor: '{primary.700}' },
                text: { color: '#22262b', mutedColor: '#545148' },
            },
            dark: {
                surface: { ...paper, 0: '#ffffff' },
                primary: { color: '{primary.200}', contrastColor: '#10161c', hoverColor: '{primary.100}', activeColor: '{primary.50}' },
            },
        },
    },
});
