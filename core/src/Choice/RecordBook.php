<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Pooled;
use IdleMixer\Core\Evidence\Prior;
use IdleMixer\Core\Evidence\Ranking;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\UnsprayedCatalogue;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/**
 * Makes records of what was sprayed against one pest: each spray with few cases is moved towards its family, and the family towards
 * what is known of it.
 */
final readonly class RecordBook
{
    public function __construct(private TroubleCatalogue $troubles, private UnsprayedCatalogue $unsprayed, private KnownEffects $known) {}

    public static function shipped(): self
    {
        return new self(TroubleCatalogue::shipped(), UnsprayedCatalogue::shipped(), KnownEffects::shipped());
    }

    /**
     * @template K of array-key
     *
     * @param array<K, list<RoundEffect>>    $effects  of each spray against this pest
     * @param array<K, SprayFamily|null>     $families of each spray; null where nobody knows
     * @param Clumping                       $clumping how the pest sits in this garden
     * @param array<K, array{int, int}>      $tests    leaf tests of each that were read to the end, and how many of them left marks
     *
     * @return array<K, Record> best first
     */
    public function ranked(string $pest, array $effects, array $families, Clumping $clumping, array $tests = []): array
    {
        $records = [];
        $unsprayed = $this->unsprayed->of($pest)->seenIn(array_merge(...array_values($effects)));
        foreach ($effects as $key => $all) {
            [$read, $marked] = $tests[$key] ?? [0, 0];
            $records[$key] = new Record($all, $unsprayed, $this->prior($pest, $key, $effects, $families), $clumping, $read, $marked);
        }

        $ranked = [];
        foreach (Ranking::order($records) as $key) {
            $ranked[$key] = $records[$key];
        }

        return $ranked;
    }

    /**
     * What the family of a spray does by its other sprays.
     *
     * @template K of array-key
     *
     * @param K                           $mine
     * @param array<K, list<RoundEffect>> $effects
     * @param array<K, SprayFamily|null>  $families
     */
    private function prior(string $pest, int|string $mine, array $effects, array $families): Prior
    {
        $others = [];
        foreach ($effects as $key => $all) {
            if ($key !== $mine && $families[$key] !== null && $families[$key] === $families[$mine]) {
                array_push($others, ...Pooled::means($all));
            }
        }

        return $this->known->of($this->troubles->trouble($pest), $families[$mine])->movedBy($others);
    }
}
