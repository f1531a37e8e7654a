<?php

declare(strict_types=1);

use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Writing\MixtureWriter;

// What is sold as mild soap is a detergent, and soap bark holds oil without being a soap (common practice, no source).
it('calls soap only what is soap', function (string $slug, array $words): void {
    expect(MixtureWriter::spoken(Strengths::of((new Formulator())->onBasis(RecipeCatalogue::shipped()->get($slug)))))->toBe($words);
})->with([
    'true soap' => ['neem-leaf-quart', ['0.77 % oil', '0.26 % soap']],
    'a wash' => ['mild-soap', ['0.3 % detergent']],
    'soap bark' => ['true-neem-emulsion', ['0.39 % oil', '0.13 % emulsifier']],
]);
