<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Gate\PlantHad;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/*
 * How long one choice over all shipped recipes takes, for every trouble and stage. Usage: php benchmarks/choice.php
 */

require __DIR__ . '/../vendor/autoload.php';


$times = ['cold, catalogues read' => [], 'warm' => []];
$plant = new Whom(new PlantNow(ToleranceCatalogue::shipped()->get('ordinary-leaf'), site: Site::Indoors), new PlantHad());
$warm = Chooser::shipped();
for ($round = 0; $round < 20; ++$round) {
    foreach (TroubleCatalogue::shipped()->troubles as $trouble) {
        foreach ($trouble->stages as $stage) {
            $situation = new Situation($trouble, $stage, Severity::Heavy, 'a plant', $plant);
            foreach (['cold, catalogues read' => static fn(): Chooser => Chooser::shipped(), 'warm' => static fn(): Chooser => $warm] as $name => $chooser) {
                $start = hrtime(true);
                $chooser()->choose($situation);
                $times[$name][] = (hrtime(true) - $start) / 1e6;
            }
        }
    }
}
foreach ($times as $name => $all) {
    sort($all);
    printf("%s: median %.2f ms, p95 %.2f ms over %d choices\n", $name, $all[intdiv(count($all), 2)], $all[(int) (0.95 * (count($all) - 1))], count($all));
}
