<script setup lang="ts">
import { computed } from 'vue';
import type { Replan } from '../../api/client';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import DecidedPieces from './DecidedPieces.vue';
import RackOffer from './RackOffer.vue';
import SheetAccounts from './SheetAccounts.vue';
import { labelOf, type Row, sheetOf } from './replan';
import { say } from '../../measure/say';

/** What becomes of every cut piece that is not what the plan wants of it now, and what is cut anew. */
const props = defineProps<{ replan: Replan | null; trouble: string }>();
const emit = defineEmits<{ instead: [row: Row, becomes: string] }>();
const project = useProject();
const picked = usePicked();
const label = (part: string): string => labelOf(project.plan!, part);
const name = (part: string): string => {
    const own = project.plan!.parts.find((p) => p.id === part);
    return own ? render(own.name, project.unit) : '';
};
const mm = (n: number): string => show(n, project.unit);
/** Parts that would take a sheet nobody began yet. */
const wholly = computed(() => props.replan!.anew.filter((a) => a.from === null).map((a) => a.part));
function needs(row: Row): string {
    if (row.spoiled) return say('cut wrong');
    if (row.serves === null) return say('no longer wanted');
    return `${mm(row.length - row.over_length!)} × ${mm(row.width - row.over_width!)}`;
}
function means(row: Row, { use, over_length, over_width }: Row['choices'][number]): string {
    if (use === 'stock') return say('A board to cut from');
    if (use === 'lost') return say('Lost');
    const off = [over_length ? say('{0} off the length', mm(over_length)) : '', over_width ? say('{0} off the width', mm(over_width)) : ''];
    const trimmed = off.filter(Boolean).join(', ');
    return use === row.serves
        ? say('Trimmed: {0}', trimmed)
        : say('Becomes {0}, {1}{2}', label(use), name(use), trimmed ? `, ${trimmed}` : '');
}
</script>

<template>
    <div class="listing">
        <p v-if="trouble" role="alert" class="bad">{{ trouble }}</p>
        <template v-if="replan && replan.ops.length">
            <h3>What becomes of what is cut</h3>
            <p v-if="!replan.rows.length" class="soft">
                Nothing that is cut is concerned. What is not cut free yet is laid anew on what is left of its sheet.
            </p>
            <table v-else aria-label="what becomes of what is cut">
                <thead>
                    <tr>
                        <th>Piece</th>
                        <th class="n">It is</th>
                        <th class="n">The plan wants</th>
                        <th>It becomes</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="row in replan.rows" :key="row.begun + row.item">
                        <td>
                            <button class="linkish" @click="picked = row.part">{{ label(row.part) }}</button>
                            {{ name(row.part) }} <span class="soft">{{ sheetOf(project.plan!, row.begun) }}</span>
                        </td>
                        <td class="n">{{ mm(row.length) }} × {{ mm(row.width) }}</td>
                        <td class="n" :class="{ bad: row.worth === 'short' || row.spoiled }">{{ needs(row) }}</td>
                        <td>
                            <select
                                :value="row.becomes"
                                :aria-label="`what becomes of ${label(row.part)}`"
                                @change="emit('instead', row, ($event.target as HTMLSelectElement).value)"
                            >
                                <option v-for="c in row.choices" :key="c.use" :value="c.use">{{ means(row, c) }}</option>
                            </select>
                        </td>
                    </tr>
                </tbody>
            </table>
            <template v-if="replan.anew.length">
                <h3>Cut anew</h3>
                <ul aria-label="cut anew">
                    <li v-for="a in replan.anew" :key="a.part">
                        <b>{{ label(a.part) }}</b> {{ name(a.part) }}
                        <span class="soft">{{ a.from ? `from what is left of ${sheetOf(project.plan!, a.from)}` : 'from a sheet' }}</span>
                    </li>
                </ul>
                <RackOffer v-if="wholly.length" :parts="wholly" />
            </template>
        </template>
        <p v-else-if="replan" class="fine">
            {{
                project.plan!.rework.pieces.length
                    ? 'Nothing is to be decided: everything on the sheets you began has its use.'
                    : 'Nothing is cut yet. Once it is, a change of a reading or of the piece is worked through here with what is cut already.'
            }}
        </p>
        <DecidedPieces />
        <SheetAccounts />
    </div>
</template>

<style scoped>
select {
    max-width: 320px;
}
ul {
    list-style: none;
    margin: 4px 0;
    padding: 0;
}
li {
    padding: 3px 0;
}
.bad {
    color: var(--brick);
}
.fine {
    margin: 14px 0;
    font-size: 15px;
}
</style>
