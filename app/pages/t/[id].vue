<script setup lang="ts">
/** Where the code on a label leads: the thing itself. */
const route = useRoute()
await navigateTo(`/kit/${encodeURIComponent(String(route.params.id))}`, { replace: true })
</script>

<template><p role="status">Opening the thing …</p></template>
