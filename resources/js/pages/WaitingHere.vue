<script setup lang="ts">
import { computed } from 'vue';
import { person } from '../api/person';
import { useOutbox } from '../project/outbox';

/** What is on this device alone, before anybody leaves it or lends it. */
const outbox = useOutbox();
const mine = computed(() => outbox.items.length);
</script>

<template>
    <p v-if="mine" role="status">{{ mine === 1 ? 'One edit waits' : `${mine} edits wait` }} on this device to be sent.</p>
    <p v-if="outbox.others && person" role="status" class="soft">
        {{ outbox.others === 1 ? 'One edit' : `${outbox.others} edits` }} of another account {{ outbox.others === 1 ? 'waits' : 'wait' }} on
        this device until it signs in.
    </p>
    <p v-else-if="outbox.others" role="status">
        {{ outbox.others === 1 ? 'One edit waits' : `${outbox.others} edits wait` }} on this device: sign in to send
        {{ outbox.others === 1 ? 'it' : 'them' }}.
    </p>
</template>
