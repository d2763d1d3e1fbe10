<script setup lang="ts">
import { computed } from 'vue';
import type { Walked } from '../../api/plan';
import { readLength } from '../../measure/read';
import { also, lossless, show } from '../../measure/show';
import { capitalised, render } from '../../measure/words';
import { again, turnedRound } from '../../project/entry';
import { isAngle } from '../../project/readings';
import { useProject } from '../../project/store';
import { spoken, type Tapped } from './pad';
import { say } from '../../measure/say';

/** What is being read, in figures to be seen at arm's length. */
const props = defineProps<{ reading: Walked; tapped: Tapped; asks?: 'z' | 'y' | null }>();
const refusal = defineModel<string>('refusal', { required: true });
const project = useProject();

const degrees = computed(() => isAngle(props.reading.kind));
const text = computed(() => spoken(props.tapped, degrees.value ? 'mm' : project.documentUnit));
const unit = computed(() => / (mm|in)$/.exec(text.value)?.[1] ?? project.documentUnit);
const stands = computed(() => {
    if (again.value || props.asks) return '';
    return props.reading.deg !== null
        ? `${props.reading.deg}`
        : props.reading.value !== null
          ? lossless(props.reading.value, project.documentUnit)
          : '';
});
const echo = computed(() => {
    if (text.value === '' || degrees.value) return '';
    try {
        return also(readLength(text.value, project.documentUnit).mm, project.documentUnit);
    } catch {
        return '';
    }
});
const finding = computed(() => project.plan?.findings.find((f) => f.place.ref === props.reading.id) ?? null);
/** The question stands while its answer is typed. */
const name = computed(() => {
    if (props.asks === 'z') return say('How high above the floor was that?');
    if (props.asks === 'y') return say('How far from the back wall was that?');
    return capitalised(render(props.reading.name, project.unit));
});
const says = computed(() => {
    if (refusal.value) return refusal.value;
    if (echo.value) return echo.value;
    if (again.value) return turnedRound(props.reading.kind);
    if (finding.value) return render(finding.value.says, project.unit);
    if (props.reading.unreached !== null) return say('Said to be out of reach. A number typed here still counts.');
    const takes = props.reading.takes.length;
    if (takes > 1)
        return say(
            '{0} takes: {1}',
            takes,
            props.reading.takes.map((t) => (t.value === null ? `${t.deg}°` : show(t.value, project.unit))).join(', '),
        );
    return render({ key: `help.reading.${props.reading.kind}`, args: {} }, project.unit);
});
</script>

<template>
    <section class="value">
        <div class="name">{{ name }}</div>
        <output class="big" :class="{ stands: !text }" aria-label="reading"
            >{{ text.replace(/ (mm|in)$/, '') || stands || '–' }}<small>{{ degrees ? '°' : unit }}</small></output
        >
        <div class="says" :class="{ refused: refusal || (finding && !echo) }" :role="refusal ? 'alert' : undefined">{{ says }}</div>
    </section>
</template>

<style scoped>
.value {
    text-align: center;
    padding: 8px 14px 4px;
}
.name {
    font-weight: 650;
    font-size: 15.5px;
    line-height: 1.25;
}
.big {
    display: block;
    font-size: 46px;
    font-weight: 700;
    line-height: 1.1;
    letter-spacing: -0.02em;
}
.big.stands {
    color: var(--soft);
}
.big small {
    font-size: 16px;
    font-weight: 400;
    color: var(--soft);
    margin-left: 6px;
}
.says {
    font-size: 13px;
    line-height: 1.3;
    height: 2.6em;
    overflow: hidden;
    color: var(--soft);
}
.refused {
    color: var(--brick);
    font-weight: 600;
}
</style>
