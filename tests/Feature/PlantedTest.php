<?php

declare(strict_types=1);

use Tests\Planted\Fault;

// Whether each fault can still be planted is seen at once; whether it is caught, by ./planted.
it('has faults of the trade that still apply, each with what it does', function (): void {
    $faults = Fault::all();
    $root = dirname(__DIR__, 2);
    foreach ($faults as $fault) {
        expect($fault->planted($root))->not->toBe((string) file_get_contents("{$root}/{$fault->file}"), $fault->slug)->and($fault->what)->toEndWith('.');
    }
    expect(count($faults))->toBeGreaterThanOrEqual(60)->and(array_unique(array_map(static fn(Fault $fault): string => $fault->what, $faults)))->toHaveCount(count($faults));
});
