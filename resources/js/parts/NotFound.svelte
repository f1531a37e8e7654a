<script lang="ts">
    import Head from './Head.svelte';
</script>

<Head title={say('parts/not-found.there-nothing-at-this-address')} />
<p class="my-4">{say('parts/not-found.may-be-mistyped-or-from')}</p>
<a class="btn btn-primary" href="/">{say('parts/not-found.go-to-today')}</a>
