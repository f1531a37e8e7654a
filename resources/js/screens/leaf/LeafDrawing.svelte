<script lang="ts">
    import type { Schemas } from '../../lib/client';

    const { reaction }: { reaction: Schemas['Reaction'] | null } = $props();
</script>

<!-- Clean: whole; slight: two pale spots; marked: dark patches and a brown edge; dead: hanging and hatched. -->
<svg viewBox="0 0 100 120" class="h-24" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="3" stroke-linecap="round">
    <g transform={reaction === 'dead' ? 'rotate(150 50 60)' : undefined}>
        <path
            d="M50 112C18 92 12 46 50 8c38 38 32 84 0 104z"
            class={{
                'fill-success/30': reaction === 'clean' || reaction === 'slight',
                'fill-warning/30': reaction === 'marked',
                'fill-error/20': reaction === 'dead',
            }}
        />
        <path d="M50 112V26M50 88 32 70M50 88l18-18M50 64 34 48M50 64l16-16" />
        {#if reaction === 'slight'}<circle cx="36" cy="60" r="6" class="fill-base-100" /><circle
                cx="64"
                cy="80"
                r="5"
                class="fill-base-100"
            />{/if}
        {#if reaction === 'marked' || reaction === 'dead'}
            <ellipse cx="36" cy="60" rx="9" ry="12" fill="currentColor" /><ellipse cx="64" cy="82" rx="8" ry="10" fill="currentColor" />
            <path d="M62 24c10 12 14 26 13 40" stroke-width="7" />
        {/if}
        {#if reaction === 'dead'}<path d="M28 44l40 40M26 64l34 34M40 30l34 34" />{/if}
        {#if reaction === null}<path d="M44 56c0-9 14-9 14 0 0 7-7 6-7 13M51 78v.5" stroke-width="5" class="stroke-info" />{/if}
    </g>
</svg>
