<script setup lang="ts">
import { ref } from 'vue';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import FileLink from '../../ui/FileLink.vue';
import { say } from '../../measure/say';

/** The template at full size, to print or to send to a machine. */
const props = defineProps<{ of: string }>();
const project = useProject();
const paper = ref('a4');
const papers = [
    { value: 'a4', label: say('A4') },
    { value: 'a3', label: say('A3') },
    { value: 'letter', label: say('Letter') },
];
const behind = ref(false);
const sides = [
    { value: false, label: say('The face seen') },
    { value: true, label: say('From behind'), hint: say('Mirrored, for marking the other face') },
];
const href = (form: string): string =>
    `/api/projects/${project.line!.id}/template.${form}?of=${encodeURIComponent(props.of)}${form === 'pdf' ? `&paper=${paper.value}` : ''}${behind.value ? '&behind=1' : ''}`;
</script>

<template>
    <section class="bears">
        <h4>Full-size template</h4>
        <div class="ch">
            <span>Paper</span>
            <Choice label="paper" :value="paper" :options="papers" @choose="(v) => (paper = v)" />
        </div>
        <div class="ch">
            <span>Marked on</span>
            <Choice label="marked on" :value="behind" :options="sides" @choose="(v) => (behind = v)" />
        </div>
        <p class="take">
            <FileLink :to="href('pdf')">Pages to print</FileLink> · <FileLink :to="href('svg')">SVG</FileLink> ·
            <FileLink :to="href('dxf')">DXF</FileLink>
        </p>
        <p class="soft small">The first page has the map of the pages and a 100 mm square to check the printer by.</p>
    </section>
</template>

<style scoped>
.take {
    margin: 0 0 4px;
    font-size: 13px;
}
.take a {
    color: var(--chalk);
}
.small {
    font-size: 12.5px;
    margin: 0;
}
</style>
