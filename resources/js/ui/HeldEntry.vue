<script setup lang="ts">
import Button from 'primevue/button';
import { onMounted, ref } from 'vue';
import { held, howFar } from '../project/held';
import { useProject } from '../project/store';

/** A number that the room does not allow: kept all the same, put right, or taken again. */
const project = useProject();
const first = ref<{ $el: HTMLElement } | null>(null);
onMounted(() => first.value?.$el.focus());
</script>

<template>
    <section v-if="held" class="held" role="alertdialog" aria-label="further off than expected" @keydown.esc.stop="held.answer(null)">
        <p>
            <b>{{ held.typed }}?</b> {{ howFar(held, project.documentUnit) }}.
            <template v-if="held.guess">Did you mean {{ held.guess.typed }}?</template>
        </p>
        <div class="answers">
            <Button v-if="held.guess" ref="first" :label="`It is ${held.guess.typed}`" size="small" @click="held.answer(held.guess)" />
            <Button v-else ref="first" label="Take it again" size="small" @click="held.answer(null)" />
            <Button v-if="held.guess" label="Take it again" size="small" severity="secondary" @click="held.answer(null)" />
            <Button
                :label="`Keep ${held.typed}`"
                size="small"
                severity="secondary"
                @click="held.answer({ value: held.value, typed: held.typed })"
            />
        </div>
    </section>
</template>

<style scoped>
.held {
    padding: 10px 12px;
    margin-bottom: 10px;
    background: var(--sheet);
    border-left: 4px solid var(--ochre);
}
p {
    margin: 0 0 8px;
    font-size: 15px;
}
.answers {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
</style>
