<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\WeighedSpray;
use IdleMixer\Core\Choice\KnownEffects;
use IdleMixer\Core\Evidence\Kept;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\FamilyWords;

/** Tells which families of sprays do something to a pest and were never tried on it here. */
final readonly class UntriedAnswers
{
    public function __construct(private TroubleCatalogue $troubles, private KnownEffects $known) {}

    /**
     * @param list<string> $pests
     *
     * @return list<UntriedAnswer> best first within each pest
     */
    public function of(array $pests): array
    {
        $all = [];
        foreach ($pests as $pest) {
            foreach ($this->families($pest) as $name => $log) {
                $all[] = new UntriedAnswer($pest, $name, round(Kept::percent($log)));
            }
        }

        return $all;
    }

    /** @return array<string, float> natural logarithm of what each is thought to leave, by its name; best first */
    public function families(string $pest): array
    {
        $tried = WeighedSpray::query()->where('pest', $pest)->pluck('family')->all();
        $trouble = $this->troubles->trouble($pest);
        $all = [];
        foreach (SprayFamily::cases() as $family) {
            if ($this->known->does($trouble, $family) && ! in_array($family->value, $tried, true)) {
                $all[FamilyWords::of($family)] = $this->known->of($trouble, $family)->log;
            }
        }
        asort($all);

        return $all;
    }
}
