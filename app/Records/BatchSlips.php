<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Answer\WayOutAnswer;
use App\Http\Input\WayOutInput;
use App\Models\Batch;
use IdleMixer\Core\Bench\PlanRequestReader;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\Tank;
use IdleMixer\Core\Work\Load;

/** What went wrong in the loads of a batch, and what was done about it. */
final readonly class BatchSlips
{
    public function __construct(private PlanRequestReader $requests, private Planner $planner, private WayOutAnswer $ways) {}

    /** @throws InvalidDocument when there is no such load, or the slips are none */
    public function input(Batch $batch, Node $load, Node $slips): WayOutInput
    {
        $plan = $this->planner->plan($this->requests->read(JsonText::parse($batch->request)), scale: $batch->scale());

        return $this->of($batch, $plan, WayOutInput::load($plan, $load), $slips);
    }

    /**
     * Keeps a slip and the way out that was taken; the same load again replaces it.
     *
     * @throws InvalidDocument when that way out does not hold here
     */
    public function keep(Batch $batch, int $load, Node $slips, RemedyKind $kind, WayOutInput $input): void
    {
        $this->remedy($input, $kind);
        $all = self::stored($batch);
        $all[$load] = ['slips' => json_decode($slips->json(), false, 64, \JSON_THROW_ON_ERROR), 'remedy' => $kind->value];
        $batch->update(['slips' => json_encode((object) $all, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION)]);
    }

    /**
     * What may stand in the sprayer after a load, weakest first: one mixture where nothing went wrong.
     *
     * @param array<int, float> $ticked mL by index of the item
     *
     * @return non-empty-list<Mixture>
     */
    public function ends(Batch $batch, Plan $plan, int $number, Load $load, array $ticked, Mixture $asTicked): array
    {
        $stored = self::stored($batch)[$number] ?? null;
        if ($stored === null) {
            return [$asTicked];
        }
        $input = $this->of($batch, $plan, $load, new Node($stored['slips'], ''));
        $remedy = $this->remedy($input, RemedyKind::from($stored['remedy']));
        $after = array_map(
            static fn(Mixture $end): Mixture => Tank::after($end, $load, $remedy->add, $remedy->water, $remedy->pourOff),
            $input->slips->over($ticked)->ends($load),
        );

        return $this->ways->bounds($input)->sorted($after);
    }

    /** @return array<int, string> what was done, by load */
    public static function remedies(Batch $batch): array
    {
        return array_map(static fn(array $one): string => $one['remedy'], self::stored($batch));
    }

    private function of(Batch $batch, Plan $plan, Load $load, Node $slips): WayOutInput
    {
        $sprayer = $batch->sprayer;
        // No advice fills it beyond what is sensible there.
        $room = $sprayer === null ? null : max($load->mixture->finished(), $sprayer->largest_fill_ml ?? $sprayer->amount()->inBase());

        return WayOutInput::of($plan->request, $load, $slips, $room);
    }

    private function remedy(WayOutInput $input, RemedyKind $kind): Remedy
    {
        foreach ($this->ways->remedies($input) as $remedy) {
            if ($remedy->kind === $kind) {
                return $remedy;
            }
        }

        throw InvalidDocument::because('/remedy', '{found} is no way out here: it would overfill, or not end within the limits.', $kind->value);
    }

    /** @return array<int, array{slips: mixed, remedy: string}> by load */
    private static function stored(Batch $batch): array
    {
        $all = [];
        foreach ((array) json_decode($batch->slips, false, 64, \JSON_THROW_ON_ERROR) as $load => $one) {
            $node = (new Node($one, ''))->object(['slips', 'remedy']);
            $all[(int) $load] = ['slips' => json_decode($node->get('slips')->json(), false, 64, \JSON_THROW_ON_ERROR), 'remedy' => $node->get('remedy')->text(40)];
        }

        return $all;
    }
}
