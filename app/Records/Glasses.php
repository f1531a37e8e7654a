<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\StandTestRecord;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Data\BatchLines;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Emulsion\GlassReading;
use IdleMixer\Core\Emulsion\Hand;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\StandTest;

/** What the glasses of all batches say of the hand that mixes. */
final readonly class Glasses
{
    public function __construct(private BatchBook $book, private Emulsifier $emulsifier) {}

    /** @return array{coarseness: float, readings: int} how much coarser than usual this household mixes */
    public function hand(): array
    {
        $ratios = [];
        $tests = StandTestRecord::query()->whereIn('result', [StandTest::Ring->value, StandTest::Beads->value])->whereNotNull('seconds')->with('batch')->orderByDesc('id')->limit(BatchLines::LATEST_GLASSES['value'])->get();
        foreach ($tests as $test) {
            $batch = $test->batch;
            $ratio = $batch === null ? null : $this->ratio($test, $this->book->record($batch));
            if ($ratio !== null) {
                $ratios[] = $ratio;
            }
        }

        return ['coarseness' => Hand::coarseness($ratios), 'readings' => count($ratios)];
    }

    /** Measured droplet by the one that was forecast when it was planned; null without oil, or without a time. */
    private function ratio(StandTestRecord $test, BatchRecord $record): ?float
    {
        $whole = AsMade::together(array_map(static fn(Load $load): Mixture => $load->mixture, $record->loads));
        $oil = Strengths::of($whole)->oily() / 100.0;
        if ($record->usualDroplet === null || $oil <= 0.0 || $test->seconds === null) {
            return null;
        }
        $glass = new GlassReading($test->seconds, $test->height_mm ?? $this->emulsifier->table()->value('glass-height'), $oil);

        return $this->emulsifier->measured($glass, $whole, $record->water->temperature?->celsius()) / $record->usualDroplet;
    }
}
