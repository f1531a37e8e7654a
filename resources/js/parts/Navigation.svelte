<script lang="ts">
    import Question from '@lucide/svelte/icons/circle-question-mark';
    import { keys } from '../lib/keys.svelte';
    import { route } from '../routes';
    import ThemeSwitch from './ThemeSwitch.svelte';

    const places = [
        { to: '/', name: say('parts/navigation.today'), also: ['/day', '/bed', '/runs'] },
        { to: '/bench', name: say('parts/navigation.bench'), also: ['/batches', '/labels', '/sums', '/recipes'] },
        { to: '/plants', name: say('parts/navigation.plants'), also: ['/cases', '/leaf-tests', '/look'] },
        { to: '/worked', name: say('parts/navigation.worked'), also: ['/trials'] },
        { to: '/shed', name: say('parts/navigation.shed'), also: ['/sprayers', '/shelf'] },
    ];

    function here(place: (typeof places)[number]): boolean {
        const at = route.pathname;
        return at === place.to || [...(place.to === '/' ? [] : [place.to]), ...place.also].some((one) => at.startsWith(one));
    }
</script>

<header class="bar no-print">
    <a href="/" class="brand"><img src="/favicon.svg" alt="" width="28" height="28" />{say('parts/navigation.idle-mixer')}</a>
    <nav aria-label={say('parts/navigation.screens')}>
        {#each places as place (place.to)}<a href={place.to} class="place" aria-current={here(place) ? 'page' : undefined}>{place.name}</a
            >{/each}
    </nav>
    <div class="tools">
        <button class="btn btn-ghost btn-square" aria-label={say('parts/navigation.keys')} onclick={() => (keys.sheet = true)}
            ><Question size={22} aria-hidden="true" /></button
        >
        <ThemeSwitch />
    </div>
</header>
