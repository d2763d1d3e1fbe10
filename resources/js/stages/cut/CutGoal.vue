<script setup lang="ts">
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import { useRefusals } from '../../ui/refusals';

/** What counts once as little as can be is bought. */
const project = useProject();
const guarded = useRefusals();
</script>

<template>
    <div class="ch goal">
        <span>After cost</span>
        <Choice
            label="what counts after cost"
            :value="project.document?.cutting?.goal ?? 'leftover'"
            :options="[
                {
                    value: 'leftover',
                    label: 'One big leftover',
                    hint: 'what is left over in few large pieces, then fewer settings of the fence',
                },
                { value: 'settings', label: 'Fewer settings', hint: 'fewer settings of the fence, then larger leftovers' },
            ]"
            @choose="(v) => guarded(project.set(['cutting'], { ...project.document!.cutting, goal: v }))"
        />
    </div>
</template>
