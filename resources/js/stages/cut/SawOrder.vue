<script setup lang="ts">
import { computed } from 'vue';
import type { Sheet, Yield } from '../../api/plan';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import { say } from '../../measure/say';
import { sawnEdge } from '../../ui/sawnEdge';

/** The cuts of one sheet in the order to make them: one setting of the fence after another, and what comes off at each. */
const props = defineProps<{ sheet: Sheet; lit: number | null }>();
const emit = defineEmits<{ light: [order: number | null] }>();
const project = useProject();

const size = (y: Yield): string => `${show(y.length_mm, project.unit)} × ${show(y.width_mm, project.unit)}`;
const said = (y: Yield): string => {
    if (y.what === 'trim') return say('trimming');
    if (y.what === 'leftover') return say('left over {0}', size(y));
    if (y.what === 'part') return say('{0}, {1}, done', y.parts[0], size(y));
    return say('piece {0} for {1}', size(y), y.parts.join(', '));
};
const saws: Record<string, string> = {
    mitre: say('mitre saw'),
    table: say('table saw'),
    guided: say('saw on its rail'),
    shop: say('the shop'),
};
const named = computed(() => props.sheet.cuts.some((c) => c.saw));
const metres = computed(() => (props.sheet.sawn / 1000).toFixed(1));
</script>

<template>
    <div class="order">
        <p class="sum">
            <b>{{ sheet.settings }}</b> settings · <b>{{ sheet.cuts.length }}</b> cuts · <b>{{ metres }}</b> m · turned
            <b>{{ sheet.turns }}</b> {{ sheet.turns === 1 ? 'time' : 'times' }}
        </p>
        <table>
            <thead>
                <tr>
                    <th>Cut</th>
                    <th>Set to</th>
                    <th>From the</th>
                    <th>Cut</th>
                    <th v-if="named">With</th>
                    <th>Comes off</th>
                    <th>Remains</th>
                </tr>
            </thead>
            <tbody>
                <tr
                    v-for="c in sheet.cuts"
                    :key="c.order"
                    :class="{ begins: c.setting, lit: c.order === lit }"
                    tabindex="0"
                    @click="emit('light', c.order === lit ? null : c.order)"
                    @keydown.enter="emit('light', c.order === lit ? null : c.order)"
                >
                    <td class="no">{{ c.order }}</td>
                    <td class="set">
                        <b v-if="c.setting">{{ show(c.fence_mm, project.unit) }}</b>
                        <span v-else class="soft">same</span>
                    </td>
                    <td>{{ sawnEdge(c) }}</td>
                    <td>
                        {{ c.trim ? 'trim, ' : '' }}{{ c.kind === 'rip' ? 'along' : 'across' }},
                        {{ show(c.to_mm - c.from_mm, project.unit) }} long
                    </td>
                    <td v-if="named" :class="{ bad: !c.saw }">{{ c.saw ? saws[c.saw] : 'no saw reaches' }}</td>
                    <td>{{ said(c.off) }}</td>
                    <td>{{ c.rest ? said(c.rest) : '' }}</td>
                </tr>
            </tbody>
        </table>
    </div>
</template>

<style scoped>
.order {
    flex: 1 1 40%;
    min-height: 160px;
    padding: 4px 16px 10px;
    overflow: auto;
    font-size: 13px;
}
.sum {
    margin: 6px 0;
}
table {
    border-collapse: collapse;
    width: 100%;
}
th {
    text-align: left;
    font-size: 11.5px;
    color: var(--soft);
    font-weight: 600;
    padding: 3px 10px 3px 0;
}
td {
    padding: 3px 10px 3px 0;
    white-space: nowrap;
}
tr {
    cursor: pointer;
}
.begins td {
    border-top: 1px solid var(--rule);
}
.lit {
    background: var(--chalk-wash);
}
.no {
    color: var(--chalk);
    font-weight: 700;
}
.bad {
    color: var(--brick);
    font-weight: 650;
}
</style>
