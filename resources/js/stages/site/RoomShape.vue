<script setup lang="ts">
import { computed } from 'vue';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { say } from '../../measure/say';

/** What the readings say of the room: out of plumb, out of square, out of level, and how well each size is known. */
const project = useProject();
const site = computed(() => project.site!);

const lines = computed(() => {
    const said: { what: string; is: string }[] = [];
    const degrees = (d: number): string => `${Math.abs(d).toFixed(2)}°`;
    for (const side of ['left', 'right'] as const) {
        const lean = site.value.lean?.[side] ?? null;
        if (lean !== null && site.value[side] === 'wall')
            said.push({
                what: side === 'left' ? say('left wall') : say('right wall'),
                is: lean < 0 ? say('leans away {0}', degrees(lean)) : say('leans in {0}', degrees(lean)),
            });
    }
    for (const side of ['left', 'right'] as const) {
        const square = site.value.square[side];
        if (square !== null && site.value[side] !== 'open')
            said.push({ what: side === 'left' ? say('left back corner') : say('right back corner'), is: `${square.toFixed(1)}°` });
    }
    if (site.value.slope !== null) said.push({ what: say('slope'), is: say('{0}° from level', site.value.slope.toFixed(1)) });
    const rise = site.value.floor.right ?? 0;
    if (site.value.walk.some((r) => r.kind === 'level' && r.value !== null)) {
        said.push({
            what: say('floor'),
            is:
                rise === 0
                    ? say('level')
                    : rise > 0
                      ? say('rises {0} to the right', show(rise, project.unit))
                      : say('falls {0} to the right', show(-rise, project.unit)),
        });
    }
    return said;
});
</script>

<template>
    <dl class="shape">
        <template v-for="l in lines" :key="l.what"
            ><dt>{{ l.what }}</dt>
            <dd>{{ l.is }}</dd></template
        >
        <template v-for="k in site.doubt.known" :key="k.name">
            <dt>{{ render({ key: `known.${k.name}`, args: {} }, project.unit) }}</dt>
            <dd>
                known to ± {{ show(k.doubt, project.unit) }}<template v-if="k.unread.length > 0"> where read</template>
                <span v-if="!k.settled && k.doubt > k.enough" class="look">wants ± {{ show(k.enough, project.unit) }}</span>
                <span v-else-if="k.unread.length > 0 && !k.settled" class="look">not read all over</span>
                <span v-else-if="!k.settled" class="look">not checked</span>
            </dd>
        </template>
    </dl>
</template>

<style scoped>
.shape {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 2px 10px;
    font-size: 12.5px;
    margin: 12px 0 0;
}
dt {
    color: var(--soft);
}
dd {
    margin: 0;
    text-align: right;
}
.look {
    color: var(--ochre-text);
    font-weight: 600;
    display: block;
}
</style>
