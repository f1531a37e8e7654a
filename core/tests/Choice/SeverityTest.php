<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\Severity;

// Common practice, no source: a few are wiped or washed off.
it('sprays only what is more than a few', function (): void {
    expect([Severity::Light->isWorthASpray(), Severity::Moderate->isWorthASpray(), Severity::Heavy->isWorthASpray()])->toBe([false, true, true]);
});
