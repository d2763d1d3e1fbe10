<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed } from 'vue';
import type { LooseBoard } from '../../api/document';
import { inOrder } from '../../project/order';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import Choice from '../../ui/Choice.vue';
import CountField from '../../ui/CountField.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';
import { say } from '../../measure/say';

/** Boards that belong to no piece and come from the same sheets: a jig, a shelf next door, a shape brought in. */
const project = useProject();
const guarded = useRefusals();
const boards = computed<[string, LooseBoard][]>(() => inOrder(project.document?.loose ?? {}));
const set = (id: string, key: string, value: unknown): Promise<boolean> => guarded(project.set(['loose', id, key], value));
const add = (): Promise<boolean> =>
    guarded(
        project.set(['loose', ulid()], {
            order: String(boards.value.length).padStart(3, '0'),
            name: say('Board'),
            material: Object.keys(project.document!.stock)[0],
            length: 600,
            width: 300,
        }),
    );
</script>

<template>
    <section class="bears">
        <h4>Boards of no piece</h4>
        <div v-for="[id, b] in boards" :key="id" class="board-row">
            <div class="add-row">
                <InputText
                    :model-value="b.name"
                    size="small"
                    maxlength="120"
                    aria-label="loose board’s name"
                    @change="(e: Event) => set(id, 'name', (e.target as HTMLInputElement).value)"
                />
                <button class="linkish" :aria-label="`take away ${b.name}`" @click="guarded(project.set(['loose', id], null))">
                    take away
                </button>
            </div>
            <template v-if="!b.outline">
                <LengthRow title="Length" :label="`${b.name}: length`" :value="b.length" :path="['loose', id, 'length']" />
                <LengthRow title="Width" :label="`${b.name}: width`" :value="b.width" :path="['loose', id, 'width']" />
            </template>
            <p v-else class="soft">A shape: its outline is kept.</p>
            <div class="ch">
                <span>From</span>
                <select
                    :value="b.material"
                    :aria-label="`${b.name}: from`"
                    @change="set(id, 'material', ($event.target as HTMLSelectElement).value)"
                >
                    <option v-for="(m, key) in project.document!.stock" :key="key" :value="key">{{ m.name }}</option>
                </select>
            </div>
            <div class="ch">
                <span>How many</span>
                <CountField
                    :value="b.count ?? 1"
                    :least="1"
                    :most="200"
                    :label="`${b.name}: how many`"
                    @keep="(n) => set(id, 'count', n === 1 ? null : n)"
                />
            </div>
            <div class="ch">
                <span>Grain</span>
                <Choice
                    :label="`${b.name}: grain`"
                    :value="b.grain ?? true"
                    :options="[
                        { value: true, label: 'Kept' },
                        { value: false, label: 'Free' },
                    ]"
                    @choose="(v) => set(id, 'grain', v ? null : false)"
                />
            </div>
        </div>
        <Button label="One more board" size="small" severity="secondary" @click="add" />
    </section>
</template>

<style scoped>
.board-row {
    border-bottom: 1px solid var(--rule);
    padding-bottom: 8px;
    margin-bottom: 10px;
}
.add-row {
    margin-bottom: 8px;
}
</style>
