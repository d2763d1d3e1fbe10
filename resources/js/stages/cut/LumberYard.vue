<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed } from 'vue';
import type { StickSize } from '../../api/document';
import { lossless } from '../../measure/show';
import { readLength } from '../../measure/read';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import CountField from '../../ui/CountField.vue';
import LengthRow from '../../ui/LengthRow.vue';
import PriceRow from '../../ui/PriceRow.vue';
import { useRefusals } from '../../ui/refusals';
import TextRow from '../../ui/TextRow.vue';
import { say } from '../../measure/say';

/** The lengths of lumber the shop sells, and sticks in hand with what is bad in them. */
const project = useProject();
const guarded = useRefusals();
const sticks = computed(() =>
    Object.entries(project.document?.lumber ?? {}).sort(([, a], [, b]) => ((a.order ?? '') < (b.order ?? '') ? -1 : 1)),
);

function add(stick: StickSize): Promise<boolean> {
    const at = ulid();
    const value = { ...stick, order: `${sticks.value.at(-1)?.[1].order ?? ''}m` };
    return guarded(
        project.document?.lumber ? project.change({ op: 'add', path: ['lumber', at], value }) : project.set(['lumber'], { [at]: value }),
    );
}
const bad = (s: StickSize): string =>
    (s.defects ?? [])
        .map((d) => say('{0} to {1}', lossless(d.from, project.documentUnit), lossless(d.to, project.documentUnit)))
        .join(', ');

/** "400 to 450, 1210 to 1230"; what cannot be read is said, and nothing is changed. */
async function keepBad(at: string, e: Event): Promise<void> {
    const text = (e.target as HTMLInputElement).value.trim();
    await guarded(
        (async () => {
            const defects = text === '' ? null : text.split(/[,;]/).map((span) => {
                const [from, to, more] = span.split(/\bto\b|–/);
                if (to === undefined || more !== undefined) throw new Error(say('“{0}” was not kept; expected two places such as “400 to 450”.', span.trim()));
                return { from: readLength(from!, project.documentUnit).mm, to: readLength(to, project.documentUnit).mm };
            });
            await project.set(['lumber', at, 'defects'], defects);
        })(),
    ); // prettier-ignore
}
</script>

<template>
    <section v-if="project.plan?.lumber.length" class="bears">
        <h4>Lumber to be had</h4>
        <p v-if="!sticks.length" class="soft">Nothing listed: the usual lengths are taken.</p>
        <LengthRow title="Off each end" :value="project.document!.workshop.end_trim ?? 10" :path="['workshop', 'end_trim']" />
        <div v-for="[at, s] in sticks" :key="at" class="size">
            <TextRow
                :title="s.in_hand ? 'In hand' : 'Sold'"
                :label="`${s.name}: name`"
                :value="s.name"
                :path="['lumber', at, 'name']"
                needed
            />
            <LengthRow title="Length" :label="`${s.name}: length`" :value="s.length" :path="['lumber', at, 'length']" />
            <LengthRow
                title="Only for thickness"
                :label="`${s.name}: thickness`"
                :value="s.thickness"
                :path="['lumber', at, 'thickness']"
                placeholder="any"
            />
            <LengthRow
                title="Only for width"
                :label="`${s.name}: width`"
                :value="s.width"
                :path="['lumber', at, 'width']"
                placeholder="any"
            />
            <template v-if="s.in_hand">
                <div class="ch">
                    <span>How many</span>
                    <CountField
                        :value="s.limit ?? 1"
                        :least="0"
                        :most="999"
                        :label="`${s.name}: how many`"
                        @keep="(n) => guarded(project.set(['lumber', at, 'limit'], n))"
                    />
                </div>
                <div class="ch">
                    <span v-tooltip.bottom="'knots, splits, old screw holes: no part lies across them'">Bad from … to</span>
                    <InputText
                        :model-value="bad(s)"
                        size="small"
                        placeholder="400 to 450, 1210 to 1230"
                        :aria-label="`${s.name}: bad places`"
                        @change="(e: Event) => keepBad(at, e)"
                    />
                </div>
            </template>
            <PriceRow v-else title="Price each" :label="`${s.name}: price`" :cents="s.price_cents" :path="['lumber', at, 'price_cents']" />
            <button class="linkish" @click="guarded(project.change({ op: 'remove', path: ['lumber', at] }))">
                Take {{ s.name }} off the list
            </button>
        </div>
        <div class="acts">
            <Button label="A length that is sold" size="small" severity="secondary" @click="add({ name: '3.0 m', length: 3000 })" />
            <Button
                label="A stick in hand"
                size="small"
                severity="secondary"
                @click="add({ name: 'stick in hand', length: 1800, in_hand: true, limit: 1 })"
            />
        </div>
    </section>
</template>

<style scoped>
.size {
    border-left: 2px solid var(--rule);
    padding-left: 8px;
    margin: 8px 0;
}
.acts {
    display: flex;
    gap: 8px;
    margin-top: 8px;
}
</style>
