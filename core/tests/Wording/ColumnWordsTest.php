<?php

declare(strict_types=1);

use IdleMixer\Core\Wording\ColumnWords;

// How somebody reads what a record said before: written down before, and apart from the words of the product.
it('says what one thing of a record was before', function (string $column, mixed $value, string $said): void {
    expect(ColumnWords::shipped()->of($column, $value)['value'] ?? null)->toBe($said)
        // Units stand with the name.
        ->and(ColumnWords::shipped()->of('by_eye', null)['name'] ?? '')->toEndWith('in mL');
})->with([
    'nothing' => ['notes', null, 'nothing'], 'an empty text' => ['notes', '', 'nothing'], 'a text' => ['notes', 'by lamp', 'by lamp'],
    'yes' => ['untreated', 1, 'yes'], 'no' => ['untreated', 0, 'no'], 'inside' => ['indoors', true, 'yes'], 'outside' => ['indoors', false, 'no'],
    'a time' => ['counted_at', '2026-06-01 18:00:00', '2026-06-01T18:00:00Z'], 'a number' => ['value', 12.5, '12.5'], 'a whole number' => ['value', 12.0, '12'],
    'leaf by leaf' => ['each', '[3,0,5]', '3 0 5'], 'by stage' => ['stages', '{"adults":3,"crawlers":12}', 'adults 3, crawlers 12'], 'a leaf that was lost' => ['counts', '[3,null,5.5]', '3 ? 5.5'],
    'by eye' => ['by_eye', '{"squirt":5}', 'squirt 5'], 'a glass' => ['stand_test', 'even', 'even, no oil on top'],
]);

it('says nothing of what nobody reads', function (): void {
    expect(ColumnWords::shipped()->of('submission', 'x'))->toBeNull();
});
