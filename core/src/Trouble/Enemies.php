<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Words\Say;

/**
 * The natural enemies of troubles: what they eat, and what sprays do to them.
 *
 * @phpstan-type EnemyRow array{drawing: string, eats: array<string, float>, hurt: array<string, int>, source: string}
 */
final readonly class Enemies
{
    /** @param array<string, EnemyRow> $rows */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, EnemyRow> $rows */
        $rows = require __DIR__ . '/../../data/enemies.php';

        return new self($rows);
    }

    /** @return list<string> */
    public function slugs(): array
    {
        return array_keys($this->rows);
    }

    /** @throws UnknownEnemy when there is none of that slug */
    public function get(string $slug): Enemy
    {
        $row = $this->rows[$slug] ?? throw UnknownEnemy::becauseNotListed($slug, $this->slugs());

        return new Enemy($slug, Say::it("enemies/{$slug}"), Say::it("enemy-looks/{$slug}"), $row['drawing'], $row['eats'], $row['hurt'], $row['source']);
    }

    /** @return list<Enemy> worth looking for where a trouble is counted: those that eat it, and those that eat of everything */
    public function beside(string $trouble): array
    {
        return array_values(array_filter(array_map($this->get(...), $this->slugs()), static fn(Enemy $enemy): bool => $enemy->eats($trouble) || ! $enemy->eatsAny()));
    }

    /**
     * Those of the ones that were seen which hold a trouble down by themselves.
     *
     * @param array<string, int|null> $seen  how many, by slug; null where nobody counted them
     * @param float|null              $count how many of the trouble; null where nobody counted it
     *
     * @return list<Enemy>
     */
    public function managing(string $trouble, array $seen, ?float $count): array
    {
        $all = [];
        foreach ($seen as $slug => $many) {
            $enemy = $this->get($slug);
            if ($enemy->manages($trouble, $many, $count)) {
                $all[] = $enemy;
            }
        }

        return $all;
    }
}
