<script setup lang="ts">
import type { Trade } from '../../api/client';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';

/** What a sheet more would save at the saw, and its layout to take. */
const props = defineProps<{ material: string; trade: Trade; name?: string }>();
const project = useProject();
const guarded = useRefusals();
const money = (cents: number): string => (cents / 100).toFixed(2);
const take = (): Promise<boolean> => guarded(project.set(['layouts', props.material], props.trade.layout));
</script>

<template>
    <p class="trade">
        {{ trade.sheets === 1 ? 'One more sheet' : `${trade.sheets} more sheets` }}{{ name ? ` of ${name}` : ''
        }}{{ trade.cents > 0 ? ` (${money(trade.cents)})` : '' }} saves {{ trade.settings }} settings of the fence.
        <button class="linkish" @click="take">Take that plan</button>
    </p>
</template>

<style scoped>
.trade {
    color: var(--chalk);
    margin: 4px 0 0;
    font-size: 12.5px;
}
</style>
