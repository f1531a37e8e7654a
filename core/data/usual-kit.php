<?php

declare(strict_types=1);

/*
 * What a kitchen is taken to have while nobody said what is there: amount and unit of each measure, and what a mark of the dropper is called. A US set of cups and spoons, a quart
 * jar, a dropper with marks at each quarter of a mL, and drops. Common practice, no source.
 */
return [
    [1.0, '[qt_us]', ''],
    [1.0, '[cup_us]', ''], [0.5, '[cup_us]', ''], [0.25, '[cup_us]', ''],
    [1.0, '[tbs_us]', ''], [1.0, '[tsp_us]', ''], [0.5, '[tsp_us]', ''], [0.25, '[tsp_us]', ''], [0.125, '[tsp_us]', ''],
    [1.0, 'mL', 'dropper to 1 mL'], [0.75, 'mL', 'dropper to ¾ mL'], [0.5, 'mL', 'dropper to ½ mL'], [0.25, 'mL', 'dropper to ¼ mL'],
    [1.0, '[drp]', ''],
];
