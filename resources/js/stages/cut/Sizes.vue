<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { Material, SheetSize } from '../../api/document';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import CountField from '../../ui/CountField.vue';
import LengthRow from '../../ui/LengthRow.vue';
import PriceRow from '../../ui/PriceRow.vue';
import { useRefusals } from '../../ui/refusals';
import TextRow from '../../ui/TextRow.vue';
import { say } from '../../measure/say';

/** Further sizes of one material: what the shop also sells, and pieces in hand. */
const props = defineProps<{ id: string; material: Material }>();
const project = useProject();
const guarded = useRefusals();
const sizes = computed(() =>
    Object.entries(props.material.sizes ?? {}).sort(([, a], [, b]) => ((a.order ?? '') < (b.order ?? '') ? -1 : 1)),
);

function add(size: SheetSize): Promise<boolean> {
    const at = ulid();
    const value = { ...size, order: `${sizes.value.at(-1)?.[1].order ?? ''}m` };
    return guarded(
        props.material.sizes
            ? project.change({ op: 'add', path: ['stock', props.id, 'sizes', at], value })
            : project.set(['stock', props.id, 'sizes'], { [at]: value }),
    );
}
const half = (): Promise<boolean> =>
    add({
        name: say('half sheet'),
        length: Math.round(props.material.sheet_length / 2),
        width: props.material.sheet_width,
        price_cents: Math.round(props.material.price_cents * 0.55),
    });
const inHand = (): Promise<boolean> => add({ name: say('in hand'), length: 600, width: 400, in_hand: true, limit: 1 });
</script>

<template>
    <div v-for="[at, s] in sizes" :key="at" class="size">
        <TextRow
            :title="s.in_hand ? 'In hand' : 'Also sold'"
            :label="`${material.name}: size name`"
            :value="s.name"
            :path="['stock', id, 'sizes', at, 'name']"
            needed
        />
        <LengthRow
            title="Along grain"
            :label="`${s.name}: length along the grain`"
            :value="s.length"
            :path="['stock', id, 'sizes', at, 'length']"
        />
        <LengthRow title="Across" :label="`${s.name}: width`" :value="s.width" :path="['stock', id, 'sizes', at, 'width']" />
        <LengthRow
            title="Measured at"
            :label="`${s.name}: measured thickness`"
            :value="s.thickness"
            :path="['stock', id, 'sizes', at, 'thickness']"
            placeholder="as the sheets"
        />
        <div v-if="s.in_hand" class="ch">
            <span>How many</span>
            <CountField
                :value="s.limit ?? 1"
                :least="0"
                :most="999"
                :label="`${s.name}: how many`"
                @keep="(n) => guarded(project.set(['stock', id, 'sizes', at, 'limit'], n))"
            />
        </div>
        <PriceRow
            v-else
            title="Price each"
            :label="`${s.name}: price`"
            :cents="s.price_cents"
            :path="['stock', id, 'sizes', at, 'price_cents']"
        />
        <button class="linkish" @click="guarded(project.change({ op: 'remove', path: ['stock', id, 'sizes', at] }))">
            Take {{ s.name }} off the list
        </button>
    </div>
    <div class="acts">
        <Button label="Half sheets too" size="small" severity="secondary" @click="half" />
        <Button label="A piece in hand" size="small" severity="secondary" @click="inHand" />
    </div>
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
