<?php

declare(strict_types=1);

/*
 * Why an entry of a programme stands on its day, by code.
 */
return [
    'first' => 'The first round. Knock back by hand what you can before it.',
    'had' => 'Day {day}: sprayed.',
    'again' => 'Day {day}: {days} after the last round, as its school has it.',
    'due-goes-on' => 'Day {day}: the next round, {days} after the last, as Today has it.',
    'due-in-turn' => 'Day {day}: the next in turn, {days} after the last, as Today has it.',
    'due-changes-tack' => 'Day {day}: the next round, with something that works in another way: two took less than half of them.',
    'due-barred' => 'Day {day}: the next round, with something else: what was sprayed before does not fit any more.',
    'own-pace' => 'Day {day}: {days} after the last round, as you asked.',
    'in-turn' => 'Day {day}: in turn, {days} after {before}.',
    'prevention' => 'Day {day}: as prevention, {days} after the last round.',
    'oil-load' => 'Day {day}: its pace would be {wanted}, but a leaf bears at most {limit} % of oil in 7 days; this is {days} after the last round.',
    'essential-load' => 'Day {day}: its pace would be {wanted}, but a leaf bears at most {limit} % of essential oil in 7 days; this is {days} after the last round.',
    'oil-again' => 'Day {day}: its pace would be {wanted}, but refined oil at {percent} % is not repeated within {limit}; this is {days} after the last round.',
    'rinse' => 'Day {day}: rinse with clean water, as its school has it.',
    'look' => 'Day {day}: a fair look, {days} after the round of day {round}.',
    'look-before' => 'Day {day}: look before you spray, {days} after the round of day {round}.',
    'judge' => 'Day {day}: the look that judges the programme, {days} after its last round. Clean, with clean new growth, is the first of two.',
    'second-look' => 'Day {day}: the second look. Two clean ones and clean new growth end it; one quiet week does not.',
    'monthly-look' => 'Day {day}: then once a month, at the places where it was.',
    'bed-look' => 'Day {day}: dig a spade of soil and look; plant after that.',
    'bud-look' => 'Day {day}: at bud break, look for crawlers and fresh blisters.',
    'season-look' => 'Day {day}: the season after shows what a winter oil was worth.',
    'no-prevention' => 'Nothing is sprayed as prevention with {recipe}: it is for an outbreak, it only works on what it wets. Look once a week instead.',
    'barred' => '{recipe} is not sprayed on this plant: {why}',
    'gap-last' => 'Eggs of day 0 hatch until day {last} at {celsius} °C: what hatches after the round of day {after} meets none.',
    'gap-between' => 'What hatches on these days is grown {nymph} later at {celsius} °C, before the round of day {next}. No gap is left up to {fit} apart.',
    'gap-born' => 'What is born on these days is grown {nymph} later at {celsius} °C, before the round of day {next}. No gap is left up to {fit} apart.',
];
