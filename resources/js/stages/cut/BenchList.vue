<script setup lang="ts">
import type { Bench } from '../../api/plan';
import { render, word } from '../../measure/words';
import { useProject } from '../../project/store';
import { tally, type BenchGroup } from './bench';
import { say } from '../../measure/say';

/** The boards that are machined, one line for those alike. */
defineProps<{ groups: readonly BenchGroup[]; chosen: string | null }>();
const emit = defineEmits<{ choose: [part: string] }>();
const project = useProject();

const counted = (bench: Bench): string => {
    const taken = bench.faces.reduce((n, f) => n + f.recesses.length, 0);
    const holes = tally(bench).map(([kind, n]) => `${n} ${word(`bore.${kind}`)}${n === 1 ? '' : 's'}`);
    return [...holes, ...(taken ? [say('{0} let in or cut out', taken)] : [])].join(', ');
};
</script>

<template>
    <nav aria-label="boards at the bench">
        <button v-for="g in groups" :key="g.letter" :class="{ on: g.letter === chosen }" @click="emit('choose', g.parts[0]!.id)">
            <b>{{ g.letter }}</b>
            <span>
                {{ render(g.parts[0]!.name, project.unit) }}<template v-if="g.parts.length > 1">, {{ g.parts.length }} alike</template>
                <small>{{ counted(g.bench) }}</small>
                <small v-if="g.mirror" class="pair">mirror image of {{ g.mirror }}</small>
            </span>
        </button>
    </nav>
</template>

<style scoped>
nav {
    overflow: auto;
    border-right: 1px solid var(--rule);
    padding: 8px 0 8px 16px;
}
button {
    display: flex;
    gap: 10px;
    width: 100%;
    border: 0;
    background: none;
    color: inherit;
    text-align: left;
    padding: 6px 8px;
    cursor: pointer;
    font-size: 13px;
}
b {
    color: var(--chalk);
    min-width: 22px;
}
.on {
    background: var(--chalk-wash);
}
small {
    display: block;
    color: var(--soft);
}
.pair {
    color: var(--ochre-text);
}
@media (max-width: 800px) {
    nav {
        max-height: 180px;
    }
}
</style>
