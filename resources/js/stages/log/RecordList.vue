<script setup lang="ts">
import { computed } from 'vue';
import { money } from '../../measure/amount';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import { type Fact, making } from './record';

/** What happened, newest first. Nothing is erased: what is struck out stays to be read, and can be put back. */
const project = useProject();
const guarded = useRefusals();
const rows = computed(() => making(project.document!));
const step = (id: string): string => {
    const at = project.plan!.steps.findIndex((s) => s.id === id);
    return at < 0 ? 'a step that is no more' : `step ${at + 1}, ${render(project.plan!.steps[at]!.title, project.unit)}`;
};
const part = (id: string): string => project.plan!.parts.find((p) => p.id === id)?.label ?? 'a part that is no more';
const about = (id: string): string => {
    const own = project.plan!.parts.find((p) => p.id === id);
    if (own) return own.label;
    return project.plan!.steps.some((s) => s.id === id) ? step(id) : 'a sheet';
};
const line = (key: string): string => {
    const own = project.plan!.buy.lines.find((l) => l.key === key);
    return own ? render(own.name, project.unit) : 'something no longer needed';
};
function said(f: Fact): string {
    switch (f.kind) {
        case 'bought':
            return `Bought ${f.packs} × ${line(f.line!)} for ${money(f.cents!, project.plan!.buy.currency)}`;
        case 'done':
            return `Done: ${step(f.step!)}${f.minutes === undefined ? '' : `, ${f.minutes} min for ${f.planned}`}`;
        case 'begun':
            return `Began a sheet of ${project.document!.stock[f.material!]?.name ?? 'a material that is no more'}, ${f.parts!.length} parts`;
        case 'cut_wrong':
            return `Cut wrong: ${part(f.part!)}${f.cause ? `. ${f.cause}` : ''}`;
        case 'as_built':
            return `${part(f.part!)} measures ${[f.length, f.width, f.thickness]
                .filter((l) => l !== undefined)
                .map((l) => show(l, project.unit))
                .join(' × ')} ${project.unit}`;
        case 'remark':
            return `${about(f.about!)}: ${f.text}`;
        default:
            return `Photo of ${about(f.about!)}`;
    }
}
const when = (f: Fact): string => (f.at ? `${f.at.slice(0, 10)} ${f.at.slice(11, 16)}` : '');
</script>

<template>
    <div class="listing">
        <p v-if="!rows.length" class="soft">
            Nothing has happened yet. What is bought, cut, done, noted or photographed is written down here.
        </p>
        <ol aria-label="record">
            <li v-for="{ id, fact } in rows" :key="id" :class="{ struck: fact.struck }">
                <span class="soft when">{{ when(fact) }}</span>
                <span class="what">
                    {{ said(fact) }}
                    <a v-if="fact.kind === 'picture'" :href="`/api/projects/${project.line!.id}/photos/${fact.photo}`" target="_blank">
                        <img :src="`/api/projects/${project.line!.id}/photos/${fact.photo}?thumb=1`" :alt="said(fact)" />
                    </a>
                </span>
                <button
                    class="linkish"
                    @click="guarded(project.change({ op: fact.struck ? 'restore' : 'strike', path: ['facts', id], value: null }))"
                >
                    {{ fact.struck ? 'put back' : 'strike out' }}
                </button>
            </li>
        </ol>
    </div>
</template>

<style scoped>
ol {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: grid;
    grid-template-columns: 124px minmax(0, 1fr) auto;
    gap: 10px;
    padding: 5px 0;
    border-bottom: 1px solid var(--rule);
}
.struck .what {
    text-decoration: line-through;
    color: var(--soft);
}
img {
    display: block;
    max-width: 160px;
    max-height: 120px;
    margin-top: 4px;
}
</style>
