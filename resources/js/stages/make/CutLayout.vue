<script setup lang="ts">
import './work.css';

/** A place at a saw: what is chosen above, what lies there on the left, the next cut in large on the right, what can be said of it below. */
defineProps<{ project: string; made: number; of: number; kept: string; held: string[] }>();
</script>

<template>
    <div class="at-work">
        <header>
            <RouterLink :to="`/projects/${project}/make`" aria-label="back to the desk">‹</RouterLink>
            <slot name="choice" />
            <span class="state" role="status">
                {{ made }} of {{ of }} cuts<template v-if="kept"> · {{ kept }}</template>
            </span>
        </header>
        <div class="middle">
            <slot name="lies" />
            <section class="say" aria-live="polite">
                <template v-if="held.length">
                    <h2>Not yet.</h2>
                    <p>{{ held.join(', ') }} waits for somebody to decide. See the Cut stage.</p>
                </template>
                <slot v-else />
            </section>
        </div>
        <footer><slot name="acts" /></footer>
        <slot name="asks" />
    </div>
</template>

<style scoped>
.middle {
    display: grid;
    grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
    min-height: 0;
}
.say {
    padding: 24px 28px;
    align-self: center;
}
.say :slotted(.how) {
    font-size: 24px;
    font-weight: 650;
    margin: 0;
}
.say :slotted(.comes) {
    font-size: 22px;
    margin: 0 0 10px;
}
.say h2,
.say :slotted(h2) {
    font-size: 40px;
}
.say :slotted(.soft) {
    font-size: 16px;
}
@media (max-width: 720px) {
    .middle {
        grid-template-columns: 1fr;
        grid-template-rows: minmax(0, 1fr) auto;
    }
    .say {
        padding: 10px 16px;
    }
}
</style>
