<script setup lang="ts">
import type { Sheet } from '../../api/plan';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';

/** What to ask at the shop's saw for one sheet, and what is then carried home. */
defineProps<{ sheet: Sheet }>();
const project = useProject();
type Size = { length_mm: number; width_mm: number };
const size = (s: Size): string => `${show(s.length_mm, project.unit)} × ${show(s.width_mm, project.unit)}`;
</script>

<template>
    <div class="shop">
        <template v-if="sheet.shop">
            <p>
                On the sheet as delivered, {{ show(sheet.length, project.unit) }} × {{ show(sheet.width, project.unit) }}, each cut right
                through its piece{{ sheet.shop.tolerance > 0 ? `, exact to ± ${show(sheet.shop.tolerance, project.unit)}` : '' }}. The
                factory edges are trimmed at home.
            </p>
            <ol>
                <li v-for="(c, i) in sheet.shop.cuts" :key="i">
                    <b>{{ show(c.at_mm, project.unit) }}</b> from the {{ c.axis === 'x' ? 'left end' : 'upper edge' }} of the piece
                    {{ size(c.of) }}: {{ size(c.off) }} and {{ size(c.rest) }}
                </li>
            </ol>
            <h4>Carried home</h4>
            <ul>
                <li v-for="(p, i) in sheet.shop.pieces" :key="i">
                    <b>{{ size(p) }}</b>
                    {{ p.parts.length ? `for ${p.parts.join(', ')}` : 'left over' }}
                    <span v-if="p.fits_car !== null" :class="p.fits_car ? 'soft' : 'bad'">{{
                        p.fits_car ? 'fits the car' : 'does not fit the car'
                    }}</span>
                </li>
            </ul>
        </template>
        <p v-else class="soft">
            {{
                sheet.in_hand
                    ? 'This piece is in hand already.'
                    : 'Name the shop’s saw under “Saws and how far they reach”, and what to ask of it stands here.'
            }}
        </p>
    </div>
</template>

<style scoped>
.shop {
    flex: 1 1 40%;
    min-height: 160px;
    overflow: auto;
    padding: 4px 16px 12px;
    font-size: 13.5px;
}
h4 {
    margin: 8px 0 2px;
}
ol,
ul {
    margin: 4px 0;
    padding-left: 22px;
}
.bad {
    color: var(--brick);
    font-weight: 650;
}
</style>
