<script setup lang="ts">
import { computed } from 'vue';
import { show, showWithUnit } from '../../measure/show';
import { useProject } from '../../project/store';
import Trail from '../../ui/Trail.vue';

const project = useProject();
const fitted = computed(() => project.fitted!);
const unit = computed(() => project.unit);
const stops = computed(() => project.plan?.findings.some((f) => f.place.stage === 'fit' && f.severity === 'stop') ?? false);
</script>

<template>
    <section class="bears">
        <h4>Does it go in?</h4>
        <div class="tape-paper slim">
            <Trail :trail="fitted.budget.trail" :unit="unit" />
            <p class="verdict" :class="{ bad: fitted.spare < 0 || stops }">
                <template v-if="fitted.spare >= 0"
                    >{{ showWithUnit(fitted.spare, unit) }} to spare in {{ showWithUnit(fitted.clear.mm, unit) }} plumb clear.</template
                >
                <template v-else
                    >{{ showWithUnit(-fitted.spare, unit) }} short of {{ showWithUnit(fitted.clear.mm, unit) }} plumb clear.</template
                >
            </p>
            <p class="soft small">
                Tipped up beside its base it sweeps {{ showWithUnit(fitted.tilt_up.mm, unit) }}. Stands square to the front line,
                {{ show(fitted.from, unit) }} to {{ show(fitted.to, unit) }} from the left wall’s foot.
            </p>
        </div>
    </section>
</template>

<style scoped>
.slim {
    padding-top: 14px;
}
.verdict {
    font-weight: 650;
    margin: 12px 0 4px;
}
.verdict.bad {
    color: var(--brick);
}
.small {
    font-size: 12.5px;
    margin: 6px 0 0;
}
</style>
