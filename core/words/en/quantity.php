<?php

declare(strict_types=1);

return [
    'amount.an-amount' => 'An amount',
    'amount-reader.unit-here' => 'unit here',
    'amount-reader.what-measured-with-may-be' => 'What is measured with may be 0.001 to 20,000 {base}; found {found} in {unit}.',
    'amount-reader.may-be-10-ml-to' => '{what} may be 10 mL to 10,000 L; this is {ml} mL.',
    'invalid-quantity.not-positive' => '{what} must be a finite number above 0, found {value}.',
    'invalid-quantity.negative' => '{what} must be a finite number of 0 or more, found {value}.',
    'invalid-quantity.outside' => '{what} must lie from {low} to {high} {unit}, found {value}.',
    'invalid-quantity.too-cold' => 'A temperature must be a finite number of {zero} °C or more, found {value}.',
    'invalid-quantity.wrong-dimension' => '“{unit}” measures {dimension}; a {wanted} is needed here.',
    'volume.volume-in-ml' => 'A volume in mL',
    'amount-reader.too-large' => 'An amount may be up to 10,000 L or 10,000 kg, found {found} of this unit.',
];
