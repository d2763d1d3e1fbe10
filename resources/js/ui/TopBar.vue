<script setup lang="ts">
import Button from 'primevue/button';
import Menu from 'primevue/menu';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api } from '../api/client';
import { useProject } from '../project/store';
import { applyLight, light } from './light';
import { useRefusals } from './refusals';
import SavedState from './SavedState.vue';
import { useTaking } from './taking';
import { clock } from '../measure/clock';
import { say } from '../measure/say';

// Fetched once they are asked for.
const BringDialog = defineAsyncComponent(() => import('./bring/BringDialog.vue'));
const ShareDialog = defineAsyncComponent(() => import('./ShareDialog.vue'));
const project = useProject();
const router = useRouter();
const guarded = useRefusals();
const sharing = ref(false);
const bringing = ref(false);
const menu = ref<InstanceType<typeof Menu> | null>(null);

const taking = useTaking();
const file = (label: string, icon: string, what: string): object => ({
    label,
    icon,
    command: () => void taking.take(`/api/projects/${project.line!.id}/${what}`, label),
});

const items = computed(() => [
    file(say('Plan as PDF'), 'pi pi-file-pdf', 'plan.pdf'),
    file(say('Booklet for the shop'), 'pi pi-book', 'booklet.pdf'),
    { label: say('At the wall, on a phone'), icon: 'pi pi-mobile', command: () => void router.push(`/projects/${project.line!.id}/wall`) },
    file(say('Measuring list to print'), 'pi pi-list-check', 'measuring-list.pdf'),
    file(say('Survey sheet'), 'pi pi-file', 'survey.pdf'),
    file(say('Cut list as CSV'), 'pi pi-table', 'parts.csv'),
    file(say('Parts as DXF, in mm'), 'pi pi-clone', 'parts.dxf'),
    file(say('Project with its photos'), 'pi pi-box', 'project.zip'),
    file(say('Project as JSON'), 'pi pi-download', 'project.json'),
    ...(project.line?.may_change
        ? [
              // Of a copy that goes tomorrow nobody is sent a link.
              ...(project.guestUntil
                  ? []
                  : [{ label: say('A link to read by'), icon: 'pi pi-link', command: () => void (sharing.value = true) }]),
              { separator: true },
              { label: say('Bring in readings, boards, a drawing'), icon: 'pi pi-upload', command: () => void (bringing.value = true) },
          ]
        : []),
    { separator: true },
    {
        label: project.unit === 'mm' ? say('Read in inches') : say('Read in millimetres'),
        icon: 'pi pi-arrows-h',
        command: () => void guarded(project.readIn(project.unit === 'mm' ? 'in' : 'mm')),
    },
    {
        label: light.value === 'dark' ? say('Light') : say('Dark'),
        icon: 'pi pi-moon',
        command: () => applyLight(light.value === 'dark' ? 'light' : 'dark'),
    },
    { separator: true },
    { label: say('All projects'), icon: 'pi pi-folder-open', command: () => void router.push('/') },
    { label: say('Sign out'), icon: 'pi pi-sign-out', command: () => void api.signOut().then(() => window.location.assign('/')) },
]);
</script>

<template>
    <header class="top">
        <h1 :title="project.line?.name">{{ project.line?.name }}</h1>
        <span class="soft">{{ project.line?.household }}</span>
        <RouterLink v-if="project.guestUntil" class="soft" to="/" title="Keep what you do here: begin an account"
            >Your own copy, until {{ clock(new Date(project.guestUntil)) }}</RouterLink
        >
        <span class="right">
            <button class="linkish" :disabled="!project.mayUndo" title="Ctrl + Z" @click="guarded(project.undo())">Undo</button>
            <button class="linkish" :disabled="!project.mayRedo" title="Ctrl + Shift + Z" @click="guarded(project.redo())">Redo</button>
            <span class="soft" title="the unit you read in">{{ project.unit }}</span>
            <SavedState />
            <RouterLink class="soft" :to="`/projects/${project.line?.id}/history`" title="every change, who made it, and the way back"
                >Revision {{ project.revision }}</RouterLink
            >
            <Button
                label="Take away"
                size="small"
                severity="secondary"
                icon="pi pi-chevron-down"
                icon-pos="right"
                aria-haspopup="true"
                @click="menu?.toggle($event)"
            />
            <Menu ref="menu" :model="items" popup />
            <ShareDialog v-if="sharing" v-model="sharing" />
            <BringDialog v-if="bringing" v-model="bringing" />
        </span>
    </header>
</template>
