<?php

declare(strict_types=1);

/*
 * Days from one way of working to another where practice names them: neem a week after alcohol, alcohol ten days after neem; peroxide,
 * soda, the soil, and peroxide again a fortnight after it was first. What is not named goes by the pace of the second. Common practice, no
 * source.
 */
return [
    'alcohol>neem' => 7,
    'neem>alcohol' => 10,
    'peroxide>soda' => 3,
    'peroxide>soda-with-oil' => 3,
    'soda>peroxide' => 11,
    'soda-with-oil>peroxide' => 11,
    'soda>systemic-neem' => 3,
    'soda-with-oil>systemic-neem' => 3,
    'systemic-neem>peroxide' => 8,
    'systemic-neem>soda' => 11,
    'systemic-neem>soda-with-oil' => 11,
];
