<script setup lang="ts">
import Select from 'primevue/select';
import { computed } from 'vue';
import type { Purchase } from '../../api/plan';
import { money, showAmount } from '../../measure/amount';
import { render, word } from '../../measure/words';
import { useProject } from '../../project/store';
import NumberField from '../../ui/NumberField.vue';
import { useRefusals } from '../../ui/refusals';
import TextRow from '../../ui/TextRow.vue';
import BuyReceipts from './BuyReceipts.vue';
import { setLine, usualShops } from './buy';

/** One line of the shopping list: how it was counted, and what the person says of it. */
const props = defineProps<{ line: Purchase }>();
const project = useProject();
const guarded = useRefusals();
const list = computed(() => project.plan!.buy);
const name = computed(() => render(props.line.name, project.unit));
const unitName = computed(() => ({ each: '', m: 'm', m2: 'm²', l: 'l', kg: 'kg', h: 'h' })[props.line.need.unit]);
const shops = computed(() => {
    const own = project.document!.shop?.shops ?? {};
    return [...new Set([...usualShops, ...Object.keys(own)])].map((value) => ({ value, label: own[value] ?? word(`buy.shop.${value}`) }));
});
const enter = (change: Parameters<typeof setLine>[1]): Promise<boolean> => guarded(project.change(...setLine(props.line.key, change)));
/** Cleared, it is as if nothing had been said. */
const number = (field: 'in_hand' | 'pack', v: number | null): Promise<boolean> => enter({ [field]: v });
const price = (v: number | null): Promise<boolean> =>
    props.line.price_at
        ? guarded(project.set(props.line.price_at, Math.round((v ?? 0) * 100)))
        : enter({ price_cents: v === null ? null : Math.round(v * 100) });
</script>

<template>
    <section class="tape-paper" :aria-label="name">
        <div class="what">{{ name }}</div>
        <div class="big">
            {{ line.packs }}<small>{{ line.packs === 1 ? 'pack' : 'packs' }} of {{ showAmount(line.pack, project.unit) }}</small>
        </div>
        <ul class="sum">
            <li v-for="(s, i) in line.sum" :key="i">{{ render(s, project.unit) }}</li>
            <li v-if="line.spare_percent">+ {{ line.spare_percent }} % to spare: {{ showAmount(line.wanted, project.unit) }}</li>
            <li v-if="line.in_hand.value > 0">− {{ showAmount(line.in_hand, project.unit) }} in hand</li>
            <li class="under">= {{ showAmount(line.short, project.unit) }} to buy</li>
            <li v-if="line.cost_cents !== null && line.packs > 0">
                {{ line.packs }} × {{ money(line.price_cents!, list.currency) }} = {{ money(line.cost_cents, list.currency) }}
            </li>
        </ul>
        <p v-if="line.note" class="soft">{{ render(line.note, project.unit) }}</p>
        <p v-for="(s, i) in line.substitutes" :key="i" class="soft instead">{{ render(s, project.unit) }}</p>
    </section>
    <section class="bears">
        <div class="ch">
            <span>In hand{{ unitName && `, ${unitName}` }}</span>
            <NumberField
                :value="line.in_hand.value || null"
                :least="0"
                :most="100000"
                :decimals="3"
                placeholder="none"
                :label="`${name}: in hand`"
                @keep="(v: number | null) => number('in_hand', v)"
            />
        </div>
        <div class="ch">
            <span>In a pack{{ unitName && `, ${unitName}` }}</span>
            <NumberField
                :value="line.pack.value"
                :least="0.001"
                :most="100000"
                :decimals="3"
                :label="`${name}: in a pack`"
                @keep="(v: number | null) => number('pack', v)"
            />
        </div>
        <div class="ch">
            <span>Price a pack, {{ list.currency }}</span>
            <NumberField
                :value="line.price_cents === null ? null : line.price_cents / 100"
                :least="0"
                :most="999999"
                :decimals="2"
                fixed
                placeholder="no price"
                :label="`${name}: price`"
                @keep="price"
            />
        </div>
        <div class="ch">
            <span>Shop</span>
            <Select
                :model-value="line.shop"
                :options="shops"
                option-label="label"
                option-value="value"
                size="small"
                :aria-label="`${name}: shop`"
                @update:model-value="(v: string) => enter({ shop: v })"
            />
        </div>
        <TextRow
            title="Taken instead"
            :label="`${name}: taken instead`"
            :value="line.instead"
            :path="['shop', 'lines', line.key, 'instead']"
            :longest="120"
        />
        <div class="ch">
            <span>Days until it comes</span>
            <NumberField
                :value="line.lead_days"
                :least="0"
                :most="365"
                placeholder="off the shelf"
                :label="`${name}: days until it comes`"
                @keep="(v: number | null) => enter({ lead_days: v })"
            />
        </div>
        <button class="linkish" @click="enter({ left_out: line.left_out ? null : true })">
            {{ line.left_out ? 'Buy it after all' : 'Do not buy it' }}
        </button>
        <BuyReceipts :line="line" />
    </section>
</template>

<style scoped>
p {
    margin: 8px 0 0;
    font-size: 12.5px;
}
.instead::before {
    content: 'or: ';
}
</style>
