<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trainer;

use IdleMixer\Core\Data\TrainerLines;
use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Population\Evening;
use IdleMixer\Core\Population\Guess;
use IdleMixer\Core\Population\Kill;
use IdleMixer\Core\Population\Life;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Population\Outbreak;
use IdleMixer\Core\Population\Treatment;
use IdleMixer\Core\Population\Warmths;
use LogicException;

/** A garden that nobody has: what multiplies in it, how warm it is, and how far it is off what handbooks say. The same each time for a number. */
final readonly class MadeUp
{
    /** Draws of looks begin far from those of the garden. */
    private const LOOKS = 1_000;

    private function __construct(public int $number, public string $trouble, public Life $life, public Kill $kill, public float $celsius, public Guess $truth) {}

    /**
     * @param int $number of the garden, 0 and more
     *
     * @throws LogicException where nothing is known of how it multiplies
     */
    public static function of(int $number, LifeCatalogue $lives): self
    {
        $chance = new Chance($number);
        $trouble = $chance->mixed(TrainerLines::TROUBLES['value'])[0];
        $life = $lives->of($trouble) ?? throw new LogicException($trouble);
        $off = static fn(): float => log(1.0 + TrainerLines::OFF['value'] * (2.0 * $chance->share() - 1.0));

        return new self(
            $number,
            $trouble,
            $life,
            new Kill(TrainerLines::KILL['value']),
            (float) $chance->whole(...TrainerLines::CELSIUS['value']),
            new Guess(log((float) $chance->whole(...TrainerLines::START['value'])), $off(), $off(), $off()),
        );
    }

    /**
     * What came of rounds, day by day.
     *
     * @param list<int> $rounds days on whose evening was sprayed
     *
     * @return list<Evening> from the first day to the last
     */
    public function season(array $rounds): array
    {
        return $this->sprayed($rounds)->go($this->truth, TrainerLines::DAYS['value']);
    }

    /** @param list<int> $rounds */
    public function sprayed(array $rounds): Outbreak
    {
        return new Outbreak($this->life, Warmths::steady($this->celsius), array_map(fn(int $day): Treatment => new Treatment($day, $this->kill), $rounds));
    }

    /** What is counted on some leaves in the evening, before it is sprayed: clumped as most pests sit, and the same each time for a day. */
    public function counted(Evening $evening, int $day): int
    {
        $chance = new Chance($this->number * self::LOOKS + $day + 1);
        $leaves = TrainerLines::LEAVES['value'];

        return array_sum(array_map(static fn(): int => $chance->clumped($evening->counted / $leaves, Clumping::usual()->k), range(1, $leaves)));
    }

    /** Days from an egg to an adult that may lay, as warm as it is; infinite where nothing develops. */
    public function generation(): float
    {
        $warmth = $this->life->biology->warmth($this->celsius) * exp($this->truth->speed);

        return $warmth > 0.0 ? $this->life->biology->adult / $warmth : \INF;
    }
}
