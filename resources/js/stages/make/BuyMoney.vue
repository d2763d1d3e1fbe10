<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { api } from '../../api/client';
import { money } from '../../measure/amount';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import Choice from '../../ui/Choice.vue';
import Fold from '../../ui/Fold.vue';
import NumberField from '../../ui/NumberField.vue';
import { useRefusals } from '../../ui/refusals';
import TextRow from '../../ui/TextRow.vue';
import { word } from '../../measure/words';
import { usualShops } from './buy';
import { pricesOf } from './prices';

/** What it all comes to, what may be spent, what was; and in which money. */
const project = useProject();
const guarded = useRefusals();
const list = computed(() => project.plan!.buy);
const show = (cents: number): string => money(cents, list.value.currency);
const enter = (field: string, value: unknown): Promise<boolean> => guarded(project.set(['shop', field], value));
const left = computed(() =>
    list.value.budget_cents === null ? null : list.value.budget_cents - Math.max(list.value.total_cents, list.value.spent_cents),
);
const named = computed(() => project.document!.shop?.shops ?? {});
const shops = computed(() => [...new Set([...usualShops, ...Object.keys(named.value)])]);
function keepCurrency(e: Event): void {
    const typed = (e.target as HTMLInputElement).value.trim().toUpperCase();
    if (typed) void enter('currency', typed);
}
const kept = ref<number | null>(null);
async function keepPrices(): Promise<void> {
    const prices = pricesOf(project.document!.shop, (await api.session()).user?.profile.prices);
    if (await guarded(api.keepProfile({ prices, currency: prices.currency }))) kept.value = Object.keys(prices.lines).length;
}
</script>

<template>
    <section class="tape-paper" aria-label="what it comes to">
        <div class="what">What it comes to</div>
        <div class="big">{{ show(list.total_cents) }}</div>
        <ul class="sum">
            <li v-if="!list.tax_included">{{ show(list.cents) }} + {{ list.tax_percent }} % tax {{ show(list.tax_cents) }}</li>
            <li v-else-if="list.tax_percent">of it {{ list.tax_percent }} % tax: {{ show(list.tax_cents) }}</li>
            <li v-if="list.unpriced" class="look">
                {{ list.unpriced }} {{ list.unpriced === 1 ? 'line has' : 'lines have' }} no price yet
            </li>
            <li>spent so far {{ show(list.spent_cents) }}</li>
            <li v-if="list.others.length">of it {{ show(list.others.reduce((n, o) => n + o.cents, 0)) }} for what is no longer needed</li>
            <li v-if="left !== null" class="under" :class="{ over: left < 0 }">
                {{ left < 0 ? `${show(-left)} over the budget` : `${show(left)} left of the budget` }}
            </li>
        </ul>
    </section>
    <section class="bears">
        <div class="ch">
            <span>Budget</span>
            <NumberField
                :value="list.budget_cents === null ? null : list.budget_cents / 100"
                :least="0"
                :most="9999999"
                :decimals="2"
                placeholder="none"
                label="budget"
                @keep="(v: number | null) => enter('budget_cents', v === null ? null : Math.round(v * 100))"
            />
        </div>
        <Fold title="Currency, tax, shops">
            <div class="ch">
                <span>Currency</span>
                <InputText :model-value="list.currency" size="small" :maxlength="3" aria-label="currency" @change="keepCurrency" />
            </div>
            <div class="ch">
                <span>Tax, %</span>
                <NumberField
                    :value="list.tax_percent"
                    :least="0"
                    :most="60"
                    :decimals="2"
                    label="tax"
                    @keep="(v: number | null) => enter('tax_percent', v ?? 0)"
                />
            </div>
            <Choice
                label="tax in the prices"
                :value="list.tax_included"
                :options="[
                    { value: true, label: 'In the prices' },
                    { value: false, label: 'On top' },
                ]"
                @choose="(v) => enter('tax_included', v)"
            />
            <TextRow
                v-for="key in shops"
                :key="key"
                :title="key.length === 26 ? 'Another shop' : word(`buy.shop.${key}`)"
                :label="`${word(`buy.shop.${key}`)}: name`"
                :value="named[key]"
                :path="['shop', 'shops', key]"
                placeholder="its name"
                :longest="60"
            />
            <button class="linkish" @click="guarded(project.set(['shop', 'shops', ulid()], 'Another shop'))">Add a shop</button>
        </Fold>
        <button class="linkish" @click="keepPrices">Keep these prices for new projects</button>
        <p v-if="kept !== null" class="soft" role="status">
            {{ kept }} {{ kept === 1 ? 'thing' : 'things' }}, with packs and shops. New projects begin with them, in {{ list.currency }}.
        </p>
    </section>
</template>

<style scoped>
.look {
    color: var(--ochre-text);
}
.over {
    color: var(--brick);
}
.ch :deep(.p-inputtext) {
    width: 120px;
}
</style>
