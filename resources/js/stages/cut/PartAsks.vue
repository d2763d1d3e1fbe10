<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed } from 'vue';
import type { PartWish } from '../../api/document';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import LengthField from '../../ui/LengthField.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import { say } from '../../measure/say';

/** What the picked part asks of the sheet plan, beyond its size. */
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();

const part = computed(() => project.plan?.parts.find((p) => p.id === picked.value && !p.bought));
const wish = computed<PartWish>(() => project.document?.cutting?.parts?.[part.value?.id ?? ''] ?? {});
const asks = computed(() => Object.keys(wish.value).length > 0);

function keep(change: Partial<PartWish>): Promise<boolean> {
    const next = Object.fromEntries(
        Object.entries({ ...wish.value, ...change }).filter(([, v]) => v !== undefined && v !== '' && v !== false),
    );
    const all = { ...project.document!.cutting?.parts, [part.value!.id]: next };
    const parts = Object.fromEntries(Object.entries(all).filter(([, w]) => Object.keys(w).length));
    return guarded(project.set(['cutting'], { ...project.document!.cutting, parts }));
}
/** Parts that bear one name here belong together. */
const named = [
    {
        key: 'strip',
        title: say('One strip with'),
        label: say('strip'),
        such: say('a name, such as doors'),
        hint: say('Parts with the same name here are cut side by side, so that the grain runs through.'),
    },
    {
        key: 'together',
        title: say('One sheet with'),
        label: say('sheet shared with'),
        such: say('a name, such as fronts'),
        hint: say('Parts with the same name here lie on one sheet, so that colour and batch match.'),
    },
] as const;
</script>

<template>
    <section v-if="part" class="bears">
        <h4>How {{ part.label }} {{ render(part.name, project.unit) }} is cut</h4>
        <div class="ch">
            <span>When</span>
            <Choice
                label="when it is cut"
                :value="wish.priority ?? 'usual'"
                :options="[
                    { value: 'first', label: 'First', hint: 'on the first sheet, and before others where sheets are too few' },
                    { value: 'usual', label: 'Any time' },
                    { value: 'last', label: 'Last' },
                ]"
                @choose="(v) => keep({ priority: v === 'usual' ? undefined : (v as PartWish['priority']) })"
            />
        </div>
        <div v-for="n in named" :key="n.key" class="ch">
            <span v-tooltip.bottom="n.hint">{{ n.title }}</span>
            <InputText
                :model-value="wish[n.key] ?? ''"
                size="small"
                maxlength="40"
                :placeholder="n.such"
                :aria-label="n.label"
                @change="(e: Event) => keep({ [n.key]: (e.target as HTMLInputElement).value.trim() })"
            />
        </div>
        <div class="ch">
            <span>Oversize</span>
            <LengthField
                :model-value="wish.oversize ?? null"
                :unit="project.documentUnit"
                label="oversize each way"
                placeholder="none"
                :keep="(mm: number) => keep({ oversize: mm > 0 ? mm : undefined })"
            />
        </div>
        <div class="ch">
            <span>Of two lengths</span>
            <Choice
                label="of two lengths"
                :value="wish.may_join ?? false"
                :options="[
                    { value: false, label: 'Whole' },
                    { value: true, label: 'May be joined', hint: 'cut as two halves when whole it fits no sheet or costs a sheet more' },
                ]"
                @choose="(v) => keep({ may_join: v })"
            />
        </div>
        <div class="ch">
            <span>Cut from</span>
            <Choice
                label="cut from"
                :value="wish.from_leftovers ?? false"
                :options="[
                    { value: false, label: 'Its own sheets' },
                    { value: true, label: 'Any leftover', hint: 'what is left of any material as thick, once all else is laid' },
                ]"
                @choose="(v) => keep({ from_leftovers: v })"
            />
        </div>
        <Button
            v-if="asks"
            label="Ask nothing special"
            size="small"
            severity="secondary"
            @click="keep({ priority: undefined, strip: '', together: '', oversize: undefined, may_join: false, from_leftovers: false })"
        />
    </section>
</template>

<style scoped>
.ch :deep(.p-inputtext) {
    width: 168px;
}
</style>
