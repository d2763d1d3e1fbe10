<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { onMounted, ref, watch } from 'vue';
import { api, type Household, type ProjectLine, type Which } from '../api/client';
import Choice from '../ui/Choice.vue';
import { useTelling } from '../ui/telling';
import MoveProject from './MoveProject.vue';
import { say } from '../measure/say';

/** The projects of one's households: found by name, copied, put away, moved, deleted and brought back. */
const props = defineProps<{ households: readonly Household[] }>();
const projects = ref<ProjectLine[] | null>(null);
const which = ref<Which>('open');
const search = ref('');
/** The project that is being given to another household. */
const moving = ref('');
const { trouble, tell } = useTelling();
let asked = 0;
async function load(): Promise<void> {
    const mine = ++asked;
    await tell(async () => {
        const { data } = await api.projects(which.value, search.value);
        if (mine === asked) projects.value = data;
    });
}
onMounted(load);
watch([which, search], load);
const mayMove = (p: ProjectLine): boolean => p.may_move && props.households.some((h) => h.id !== p.household_id);
const act = (work: () => Promise<unknown>): Promise<boolean> =>
    tell(async () => {
        await work();
        moving.value = '';
        await load();
    });
const none: Record<Which, string> = {
    open: say('No project yet: begin one below, or bring one in from a file.'),
    archived: say('Nothing is put away.'),
    deleted: say('Nothing was deleted in the last thirty days.'),
};
</script>

<template>
    <div class="find">
        <InputText v-model="search" size="small" maxlength="80" aria-label="find a project" placeholder="Find by name" />
        <Choice
            label="which projects"
            :value="which"
            :options="[
                { value: 'open', label: 'At hand' },
                { value: 'archived', label: 'Put away' },
                { value: 'deleted', label: 'Deleted', hint: 'for thirty days' },
            ]"
            @choose="(w) => (which = w)"
        />
    </div>
    <ul v-if="projects" aria-label="projects">
        <li v-for="p in projects" :key="p.id">
            <img v-if="!p.deleted" :src="`/api/projects/${p.id}/small.svg?r=${p.revision}`" alt="" loading="lazy" />
            <span v-else></span>
            <RouterLink v-if="!p.deleted" :to="`/projects/${p.id}/site`">{{ p.name }}</RouterLink>
            <span v-else>{{ p.name }}</span>
            <span class="soft">{{ p.household }} · revision {{ p.revision }}</span>
            <span v-if="p.may_change" class="acts">
                <button v-if="p.deleted" class="linkish" @click="act(() => api.bringBack(p.id))">bring back</button>
                <template v-else>
                    <button class="linkish" :aria-label="`copy ${p.name}`" @click="act(() => api.copyProject(p.id))">copy</button>
                    <button
                        class="linkish"
                        :aria-label="`${p.archived ? 'take out' : 'put away'} ${p.name}`"
                        @click="act(() => api.archive(p.id, !p.archived))"
                    >
                        {{ p.archived ? 'take out' : 'put away' }}
                    </button>
                    <button
                        v-if="mayMove(p)"
                        class="linkish"
                        :aria-label="`move ${p.name}`"
                        :aria-expanded="moving === p.id"
                        @click="moving = moving === p.id ? '' : p.id"
                    >
                        move
                    </button>
                    <button class="linkish" :aria-label="`delete ${p.name}`" @click="act(() => api.deleteProject(p.id))">delete</button>
                </template>
            </span>
            <MoveProject v-if="moving === p.id" :project="p" :households="households" @move="act" @leave="moving = ''" />
        </li>
    </ul>
    <p v-if="projects?.length === 0">{{ search ? 'No project is called that.' : none[which] }}</p>
    <ul v-if="trouble.length" class="trouble" role="alert">
        <li v-for="t in trouble" :key="t">{{ t }}</li>
    </ul>
</template>

<style scoped src="./pages.css"></style>
<style scoped>
.find {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
}
.find :deep(input) {
    width: 240px;
}
ul[aria-label='projects'] li {
    display: grid;
    grid-template-columns: 56px minmax(0, 1fr) auto 230px;
    gap: 12px;
    padding: 6px 0;
    align-items: center;
    min-height: 60px;
    border-bottom: 1px solid var(--rule);
}
li img {
    width: 56px;
    height: 48px;
    object-fit: contain;
}
li a {
    color: var(--chalk);
    font-weight: 600;
}
.acts {
    display: flex;
    gap: 10px;
    justify-content: flex-end;
}
@media (max-width: 700px) {
    ul[aria-label='projects'] li {
        grid-template-columns: 56px minmax(0, 1fr);
        gap: 2px 12px;
    }
    li img,
    li > :first-child {
        grid-row: 1 / 4;
    }
    li > * {
        grid-column: 2;
    }
    li > :first-child {
        grid-column: 1;
    }
    .acts {
        justify-content: flex-start;
        flex-wrap: wrap;
    }
}
</style>
