<script setup lang="ts">
import Button from 'primevue/button';
import InputNumber from 'primevue/inputnumber';
import { ref, watch } from 'vue';
import type { Purchase } from '../../api/plan';
import { money } from '../../measure/amount';
import { render } from '../../measure/words';
import { happened, struck } from '../../project/facts';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';

/** What was bought of one line so far, for how much; another purchase is written down as it was. */
const props = defineProps<{ line: Purchase }>();
const project = useProject();
const guarded = useRefusals();
const packs = ref(1);
const paid = ref<number | null>(null);
watch(
    () => [props.line.key, props.line.got_packs] as const,
    () => {
        packs.value = Math.max(1, props.line.packs - props.line.got_packs);
        paid.value = props.line.price_cents === null ? null : (props.line.price_cents * packs.value) / 100;
    },
    { immediate: true },
);
const facts = (): [string, { packs?: number; cents?: number }][] =>
    props.line.receipts.map((id) => [id, project.document!.facts[id] as { packs?: number; cents?: number }]);
const currency = (): string => project.plan!.buy.currency;
const write = (): Promise<boolean> =>
    guarded(
        project.change(happened({ kind: 'bought', line: props.line.key, packs: packs.value, cents: Math.round((paid.value ?? 0) * 100) })),
    );
</script>

<template>
    <h4>Bought</h4>
    <p v-for="[id, f] in facts()" :key="id" class="row">
        {{ f.packs }} for {{ money(f.cents ?? 0, currency()) }}
        <button
            class="linkish"
            :aria-label="`strike out ${f.packs} for ${money(f.cents ?? 0, currency())}`"
            @click="guarded(project.change(struck(id)))"
        >
            strike out
        </button>
    </p>
    <div v-if="line.packs > 0 || line.receipts.length" class="new">
        <InputNumber v-model="packs" :min="0" :max="10000" size="small" :aria-label="`${render(line.name, project.unit)}: packs bought`" />
        <span>for</span>
        <InputNumber
            v-model="paid"
            :min="0"
            :max="999999"
            :min-fraction-digits="2"
            :max-fraction-digits="2"
            size="small"
            :placeholder="currency()"
            :aria-label="`${render(line.name, project.unit)}: paid`"
        />
        <Button label="Write down" size="small" severity="secondary" @click="write" />
    </div>
</template>

<style scoped>
.row {
    margin: 2px 0;
    font-size: 13px;
}
.new {
    display: flex;
    gap: 6px;
    align-items: center;
    margin-top: 6px;
}
.new :deep(.p-inputnumber-input) {
    width: 62px;
}
h4 {
    margin: 12px 0 4px;
}
</style>
