<script setup lang="ts">
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import LengthRow from '../../ui/LengthRow.vue';

/** What the tape says beside a steel rule and beside the distance meter: once a project, as all that it reads shares what it is out by. */
const project = useProject();
const guarded = useRefusals();
const workshop = (key: 'hook_over' | 'checked_on_tape' | 'checked_on_meter'): number | null => project.document!.workshop[key] ?? null;
const sameTape = (yes: boolean): Promise<unknown> => guarded(project.set(['workshop', 'cuts_by_same_tape'], yes));
</script>

<template>
    <div class="check">
        <b>Check the tape, once a project</b>
        <p class="soft">
            Push its hook against a wall beside a steel rule: how much more does the tape read than the rule? 0 where they agree. Then read
            one long run with tape and with distance meter.
        </p>
        <LengthRow title="Hook reads more by" :value="workshop('hook_over')" :path="['workshop', 'hook_over']" />
        <LengthRow title="Long run, tape" :value="workshop('checked_on_tape')" :path="['workshop', 'checked_on_tape']" />
        <LengthRow title="Long run, meter" :value="workshop('checked_on_meter')" :path="['workshop', 'checked_on_meter']" />
        <label class="same">
            <input
                type="checkbox"
                :checked="project.document!.workshop.cuts_by_same_tape ?? false"
                @change="(e) => sameTape((e.target as HTMLInputElement).checked)"
            />
            the parts are marked out by this tape too
        </label>
    </div>
</template>

<style scoped>
.check {
    margin-top: 10px;
    padding-top: 8px;
    border-top: 1px solid var(--rule);
}
p {
    font-size: 12.5px;
    margin: 4px 0 6px;
}
.same {
    display: block;
    margin-top: 6px;
}
</style>
