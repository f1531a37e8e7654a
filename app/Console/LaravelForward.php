<?php

declare(strict_types=1);

namespace App\Console;

use App\Notebook\Edition;
use App\Notebook\Forward;
use App\Notebook\Sqlite;
use App\Records\Together;
use Closure;
use Database\Demo\DemoSeason;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Migrations\Migrator;
use PDO;
use Psr\Clock\ClockInterface;

/** Brings notebooks forward with the framework's migrations. */
final readonly class LaravelForward implements Forward
{
    private const CONNECTION = 'brought-forward';

    public function __construct(private Application $app, private Repository $config, private DatabaseManager $databases, private Edition $edition, private ClockInterface $clock) {}

    public function bring(string $path): void
    {
        $this->over($path, function (): void {
            $migrator = $this->app->make(Migrator::class);
            $migrator->usingConnection(self::CONNECTION, function () use ($migrator): void {
                if (! $migrator->repositoryExists()) {
                    $migrator->getRepository()->createRepository();
                }
                $migrator->run([$this->app->databasePath('migrations')]);
            });
        });
    }

    public function demo(string $path): void
    {
        $this->over($path, function (): void {
            $season = $this->app->make(DemoSeason::class);
            Together::of($this->databases->connection(), fn() => $season->write($this->clock->now()));
        });
    }

    /** @param Closure(): void $do */
    private function over(string $path, Closure $do): void
    {
        touch($path);
        $before = $this->databases->getDefaultConnection();
        $settings = $this->config->get('database.connections.sqlite');
        $this->config->set('database.connections.' . self::CONNECTION, [...(is_array($settings) ? $settings : []), 'database' => $path, 'options' => [PDO::ATTR_PERSISTENT => false]]);
        $this->databases->setDefaultConnection(self::CONNECTION);
        try {
            $do();
        } finally {
            $this->databases->setDefaultConnection($before);
            $this->databases->purge(self::CONNECTION);
        }
        $pdo = Sqlite::open($path);
        $this->edition->stamp($pdo);
        unset($pdo);
        Sqlite::fold($path);
    }
}
