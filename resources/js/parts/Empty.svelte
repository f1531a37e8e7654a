<script lang="ts">
    const { text, to, action }: { text: string; to?: string; action?: string } = $props();
</script>

<div class="border-base-300 my-4 rounded border-2 border-dashed p-6">
    <p class="max-w-prose">{text}</p>
    {#if to !== undefined}<a class="btn btn-primary mt-4" href={to}>{action}</a>{/if}
</div>
