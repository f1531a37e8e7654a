<script lang="ts">
    import Head from './Head.svelte';
</script>

<Head title="There is nothing at this address" />
<p class="my-4">It may be mistyped, or from another notebook.</p>
<a class="btn btn-primary" href="/">Go to today</a>
