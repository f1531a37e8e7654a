<?php

declare(strict_types=1);

namespace App\Models;

use App\Declared\Records;
use Illuminate\Database\Eloquent\Model;

/** A record of the notebook: how its columns are cast, and what they hold before anybody says it, follows from how it is declared. */
abstract class Kept extends Model
{
    protected $guarded = [];

    /** @var array<class-string<self>, string> tables by model: each row that is read asks for it */
    private static array $tables = [];

    /** @var array<class-string<self>, self> one that holds nothing, by model: each row that is read begins as its copy */
    private static array $blank = [];

    /** @param array<string, mixed> $attributes */
    final public function __construct(array $attributes = [])
    {
        $this->attributes = app(Records::class)->of($this->getTable())->defaults();
        parent::__construct($attributes);
    }

    /**
     * A row that is read is a copy of a blank one: to put casts and defaults together for each takes a sixth of Today.
     *
     * @param array<string, mixed> $attributes
     * @param bool                 $exists
     */
    public function newInstance($attributes = [], $exists = false): static
    {
        if ($attributes !== []) {
            return parent::newInstance($attributes, $exists);
        }
        $blank = self::$blank[static::class] ?? null;
        if (! $blank instanceof static) {
            self::$blank[static::class] = $blank = new static();
        }
        $row = clone $blank;
        $row->exists = $exists;
        $row->setConnection($this->getConnectionName());

        return $row;
    }

    public function getTable(): string
    {
        return $this->table ??= self::$tables[static::class] ??= parent::getTable();
    }

    protected static function booted(): void
    {
        static::saved(Stale::mark(...));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return app(Records::class)->of($this->getTable())->casts();
    }
}
