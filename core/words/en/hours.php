<?php

declare(strict_types=1);

/*
 * Why an hour is not good for spraying, by code; what differs by weight has the weight behind it. Limits stand in brackets.
 */
return [
    'bloom' => 'It is in open bloom: nothing is misted on flowers that bees visit. Wait until it is over.',
    'sun/no' => 'Sun burns wet leaves: it stands {sun}° high and the plant is in {exposure} (light {light} % of the strongest; at most {stop} %).',
    'sun/workable' => 'Rather bright for wet leaves: the sun stands {sun}° high, {cloud} % cloud, plant in {exposure} (light {light} %; best up to {limit} %).',
    'sun-soon' => 'The sun will be strong within the hour, before the leaves are dry.',
    'lights' => 'The lights are on: wait until they go off, as for dusk.',
    'lights-soon' => 'The lights go on within the hour, before the leaves are dry.',
    'dark' => 'It is dark (sun {below}° below the horizon): you would not see the undersides.',
    'dark-soon' => '{minutes} min of light are left: you would not see the undersides (best {limit} min and more).',
    'dark-from' => 'Be through by {at}: it is dark from then on.',
    'hot' => 'Too hot for {what}: {of} {celsius:warmth} (at most {limit:warmth}).',
    'warm' => 'Warm for {what}: {of} {celsius:warmth} (best up to {limit:warmth}, at most {stop:warmth}).',
    'cold' => 'Too cold for {what}: {celsius:warmth} (at least {limit:warmth}).',
    'cool' => 'Cool for {what}: {celsius:warmth}, it dries slowly (best from {limit:warmth}).',
    'still' => 'Hot and still ({wind:wind}): leaves stay hot and the mist hangs (best from {limit:wind}).',
    'frost/no' => 'Frost in {hours} (none may come within {limit}).',
    'frost/workable' => 'Frost in {hours}: it must be dry by then (best none within {limit}).',
    'frost-unknown' => 'It is cold, and the forecast does not reach far enough: no frost may come within {limit}.',
    'raining/no' => 'It is raining ({rain:rain} in the hour).',
    'raining/workable' => 'It is raining ({rain:rain} in the hour): it thins what is poured.',
    'wet/no' => 'Leaves are still wet from rain {hours} ago (wait at least {limit}).',
    'wet/workable' => 'Leaves may be damp from rain {hours} ago: it thins the spray and runs off (best after {limit}).',
    'rain-soon/no' => 'Rain in {hours} ({rain:rain}) washes {what} off (it needs {limit} dry).',
    'rain-soon/borne' => 'Light rain in {hours} ({rain:rain}): oil bears up to {light:rain}, less would be better.',
    'rain-soon/late' => 'Rain in {hours} ({rain:rain}) will end what {what} still does (best {limit} dry).',
    'windy/no' => 'Too windy: {wind:wind} (at most {limit:wind}). The mist goes elsewhere, and into your face.',
    'windy/workable' => 'Windy: {wind:wind} (best up to {limit:wind}). Stand with your back to it.',
    'dries-too-fast/no' => 'Too dry and warm: drops dry before they work (Delta T {delta:warmer}, at most {limit:warmer}).',
    'dries-too-fast/workable' => 'Dry: drops dry fast (Delta T {delta:warmer}, best up to {limit:warmer}). Wet it well.',
    'dries-slowly' => 'Damp: it stays wet for long (Delta T {delta:warmer}, best from {limit:warmer}; humidity {humidity} %).',
    'dew' => 'Dew lies on the leaves (humidity {humidity} %): it thins the spray and runs off. Wait until they are dry.',
    'good' => 'Nothing against it.',
];
