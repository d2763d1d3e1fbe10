<script setup lang="ts">
import { computed } from 'vue';
import type { Walked } from '../../api/plan';
import { read, show } from '../../measure/show';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import Fold from '../../ui/Fold.vue';
import { usePicked } from '../../ui/picked';

/** For every size the readings it comes from, and how much of each goes into it. */
const project = useProject();
const picked = usePicked();
const walked = computed(() => new Map((project.site?.walk ?? []).map((r) => [r.id, r])));
const sizes = computed(() =>
    project.site!.doubt.known.map((k) => ({
        ...k,
        from: k.behind.flatMap(({ reading, share }) => {
            const r = walked.value.get(reading);
            return r ? [{ r, share }] : [];
        }),
    })),
);
const name = (r: Walked): string => capitalised(render(r.name, project.unit));
const signed = (share: number): string => `${share < 0 ? '−' : '+'} ${Math.abs(share).toFixed(2)}`;
</script>

<template>
    <Fold title="How we know">
        <p class="soft">How much of each millimetre or degree that is read goes into a size. A name leads to its reading.</p>
        <table v-for="k in sizes" :key="k.name" :aria-label="`${render({ key: `known.${k.name}`, args: {} }, project.unit)} comes from`">
            <thead>
                <tr>
                    <th>{{ capitalised(render({ key: `known.${k.name}`, args: {} }, project.unit)) }}</th>
                    <td>{{ show(k.stated, project.unit) }}</td>
                    <td>± {{ show(k.doubt, project.unit) }}</td>
                </tr>
            </thead>
            <tbody>
                <tr v-for="{ r, share } in k.from" :key="r.id">
                    <td>
                        <button class="linkish" @click="picked = r.id">{{ name(r) }}</button>
                    </td>
                    <td>{{ read(r, project.unit, '–') }}</td>
                    <td>{{ signed(share) }}</td>
                </tr>
                <tr v-if="k.from.length === 0">
                    <td colspan="3" class="soft">nothing that was read: what rooms usually are</td>
                </tr>
            </tbody>
        </table>
    </Fold>
</template>

<style scoped>
p {
    font-size: 12.5px;
    margin: 0 0 6px;
}
table {
    width: 100%;
    border-collapse: collapse;
    font-size: 12.5px;
    margin-bottom: 10px;
}
th {
    text-align: left;
    font-weight: 650;
}
thead td,
th {
    border-bottom: 1px solid var(--rule);
}
tr > td + td,
th + td {
    text-align: right;
    white-space: nowrap;
    padding-left: 8px;
}
button {
    text-align: left;
}
</style>
