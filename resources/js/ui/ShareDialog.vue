<script setup lang="ts">
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import InputText from 'primevue/inputtext';
import { onMounted, ref } from 'vue';
import { api, type SharedLink } from '../api/client';
import { useTelling } from './telling';
import { useProject } from '../project/store';
import { say } from '../measure/say';

/** Links by which somebody without an account reads this project: made with an end, copied once, called off. */
const shown = defineModel<boolean>({ required: true });
const project = useProject();
const links = ref<SharedLink[]>([]);
const label = ref('');
const days = ref(14);
const url = ref('');
const copied = ref(false);
const { trouble, tell } = useTelling();
const periods = [
    { days: 2, label: say('two days') },
    { days: 14, label: say('two weeks') },
    { days: 90, label: say('three months') },
    { days: 365, label: say('a year') },
];
const load = async (): Promise<void> => void (links.value = (await api.links(project.line!.id)).data);
onMounted(() => tell(load));
const make = (): Promise<boolean> =>
    tell(async () => {
        url.value = (await api.makeLink(project.line!.id, label.value, days.value)).url;
        [label.value, copied.value] = ['', false];
        await load();
    });
const callOff = (id: string): Promise<boolean> =>
    tell(async () => {
        await api.callOffLink(project.line!.id, id);
        await load();
    });
async function copy(): Promise<void> {
    await navigator.clipboard.writeText(url.value).catch(() => document.querySelector<HTMLInputElement>('#link-made')?.select());
    copied.value = true;
}
</script>

<template>
    <Dialog v-model:visible="shown" modal header="A link to read by" :style="{ width: '560px', maxWidth: '96vw' }">
        <p>
            For the shop’s counter or a friend: whoever has the link sees the drawings, parts, sheets and the shopping list as they stand
            then. No photos, notes, log or history, and nothing can be changed.
        </p>
        <form @submit.prevent="make">
            <InputText
                v-model="label"
                size="small"
                maxlength="80"
                required
                aria-label="whom the link is for"
                placeholder="Whom it is for"
            />
            <select v-model="days" aria-label="good for">
                <option v-for="p in periods" :key="p.days" :value="p.days">for {{ p.label }}</option>
            </select>
            <Button type="submit" label="Make the link" size="small" />
        </form>
        <div v-if="url" class="made" role="status">
            <input id="link-made" :value="url" readonly aria-label="the link" @focus="($event.target as HTMLInputElement).select()" />
            <Button :label="copied ? 'Copied' : 'Copy'" size="small" severity="secondary" @click="copy" />
            <p class="soft">It is shown this once. Lost, make another and call this one off.</p>
        </div>
        <p v-if="links.length" class="soft">
            A link ends on its day, when who made it no longer belongs to the household or may no longer change the project, and when the
            project moves to another household.
        </p>
        <ul v-if="links.length" aria-label="links that are good">
            <li v-for="l in links" :key="l.id">
                <span>{{ l.label }}, made by {{ l.by }}</span>
                <span class="soft">until {{ l.until }}{{ l.seen ? `, opened ${l.seen.slice(0, 10)}` : ', not opened yet' }}</span>
                <button class="linkish" :aria-label="`call off ${l.label}`" @click="callOff(l.id)">call off</button>
            </li>
        </ul>
        <ul v-if="trouble.length" class="trouble" role="alert">
            <li v-for="t in trouble" :key="t">{{ t }}</li>
        </ul>
    </Dialog>
</template>

<style scoped>
form {
    display: flex;
    gap: 8px;
    flex-wrap: wrap;
    margin: 12px 0;
}
form :deep(.p-inputtext) {
    flex: 1 1 180px;
}
.made {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px;
    background: var(--chalk-wash);
    padding: 10px;
}
.made input {
    font: inherit;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--rule);
    padding: 4px 6px;
}
.made p {
    grid-column: 1 / 3;
    margin: 0;
}
ul {
    list-style: none;
    padding: 0;
    margin: 14px 0 0;
}
li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 12px;
    padding: 6px 0;
    border-top: 1px solid var(--rule);
}
.trouble li {
    display: block;
    color: var(--brick);
    font-weight: 600;
}
</style>
