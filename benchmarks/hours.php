<?php

declare(strict_types=1);

use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Weather\Exposure;
use IdleMixer\Core\Weather\HourJudge;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Weather\Stand;
use IdleMixer\Core\Weather\ToldHour;
use IdleMixer\Core\Weather\Week;
use IdleMixer\Core\Weather\Windows;
use IdleMixer\Core\Wording\HourWords;

/*
 * A week of 168 hours judged with every reason in words: for one plant, and for twenty. Usage: php benchmarks/hours.php [rounds]
 */

require __DIR__ . '/../vendor/autoload.php';

$rounds = max(5, (int) ($argv[1] ?? 40));
$recipe = RecipeCatalogue::shipped()->get('castile-and-kitchen-oil');
$spray = SprayWants::shipped()->of((new Formulator())->onBasis($recipe), $recipe->use);
$place = new Place(47.3, 9.9, new DateTimeZone('Europe/Vienna'));
$start = 1782036000;
$told = array_map(static fn(int $i): ToldHour => new ToldHour($start + 3600 * $i, 18.0 + 9.0 * sin($i / 4.0), 65.0 - 25.0 * sin($i / 4.0), 6.0 + 12.0 * abs(sin($i / 9.0)), $i % 29 === 0 ? 1.5 : 0.0, 50.0 + 50.0 * sin($i / 13.0)), range(0, 167));
$judge = HourJudge::shipped();
$words = HourWords::shipped();
$stands = array_map(static fn(int $i): Stand => new Stand(Exposure::cases()[$i % 3], $i % 5 === 0), range(0, 19));

$times = ['one plant' => [], 'twenty plants' => []];
$reasons = 0;
for ($round = 0; $round < $rounds; ++$round) {
    foreach (['one plant' => 1, 'twenty plants' => 20] as $name => $plants) {
        $from = hrtime(true);
        $week = Week::of($place, $told);
        foreach (array_slice($stands, 0, $plants) as $stand) {
            $judged = $judge->judge($week, $spray, $stand);
            foreach ($judged as $hour) {
                foreach ($hour->reasons as $reason) {
                    $reasons += strlen($words->reason($reason)) > 0 ? 1 : 0;
                }
            }
            Windows::best($judged);
        }
        $times[$name][] = (hrtime(true) - $from) / 1e6;
    }
}
foreach ($times as $name => $all) {
    sort($all);
    printf("%s: median %.1f ms, longest %.1f ms of %d\n", $name, $all[intdiv(count($all), 2)], $all[count($all) - 1], count($all));
}
printf("reasons put into words: %d\n", $reasons);
