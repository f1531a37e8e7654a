<?php

declare(strict_types=1);

namespace App\Providers;

use App\Console\BackupCommand;
use App\Console\ChooseCommand;
use App\Console\CloseCommand;
use App\Console\ComposeCommand;
use App\Console\CourseCommand;
use App\Console\DiagnoseCommand;
use App\Console\ForecastCommand;
use App\Console\GateCommand;
use App\Console\HoursCommand;
use App\Console\LaravelForward;
use App\Console\LeafCommand;
use App\Console\OpenCommand;
use App\Console\PassphraseCommand;
use App\Console\PlanCommand;
use App\Console\PreloadListCommand;
use App\Console\RestoreCommand;
use App\Console\ShelfCommand;
use App\Console\WorkedCommand;
use App\Declared\Records;
use App\Devices\HardnessStrip;
use App\Devices\SimulatedStation;
use App\Devices\SimulatedStrip;
use App\Devices\SimulatedThermometer;
use App\Devices\Thermometer;
use App\Http\Api\DescribeCommand;
use App\Http\Clock\CallClock;
use App\Models\Who;
use App\Notebook\Edition;
use App\Notebook\Forward;
use App\Notebook\NotebookConnection;
use App\Notebook\SharedConnection;
use App\Records\BatchBook;
use App\Records\HeatWaves;
use App\Records\Reading;
use App\Records\WeatherBook;
use App\SystemClock;
use Closure;
use IdleMixer\Core\Ask\Choose;
use IdleMixer\Core\Ask\Compose;
use IdleMixer\Core\Ask\Courses;
use IdleMixer\Core\Ask\Diagnose;
use IdleMixer\Core\Ask\Forecasts;
use IdleMixer\Core\Ask\Gate as GateAsk;
use IdleMixer\Core\Ask\Hours;
use IdleMixer\Core\Ask\Shelf;
use IdleMixer\Core\Ask\Worked;
use IdleMixer\Core\Batch\BatchReader;
use IdleMixer\Core\Batch\BatchWriter;
use IdleMixer\Core\Batch\BottleWords;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Choice\Adviser;
use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Containment;
use IdleMixer\Core\Choice\EffectCatalogue;
use IdleMixer\Core\Choice\KnownEffects;
use IdleMixer\Core\Choice\RecordBook;
use IdleMixer\Core\Choice\SeverityScale;
use IdleMixer\Core\Choice\StageKills;
use IdleMixer\Core\Course\CourseMethods;
use IdleMixer\Core\Course\CoursePlanner;
use IdleMixer\Core\Course\LeafPace;
use IdleMixer\Core\Cupboard\AnotherBottle;
use IdleMixer\Core\Cupboard\FromCupboard;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Evidence\LookPlans;
use IdleMixer\Core\Evidence\UnsprayedCatalogue;
use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Measure\SpoonSets;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\SameAmount;
use IdleMixer\Core\Phrase\Vocabulary;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Schedule\BiologyCatalogue;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Schedule\ShelfLife;
use IdleMixer\Core\Schedule\Turns;
use IdleMixer\Core\Shelf\CanMake;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Vessel\NeedTable;
use IdleMixer\Core\WayOut\StandIns;
use IdleMixer\Core\Weather\DoorReader;
use IdleMixer\Core\Weather\HourJudge;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Weather\WeatherSource;
use IdleMixer\Core\Wording\ChoiceWords;
use IdleMixer\Core\Wording\ColumnWords;
use IdleMixer\Core\Wording\CourseWords;
use IdleMixer\Core\Wording\EaseWords;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\HourWords;
use IdleMixer\Core\Wording\LeafWords;
use IdleMixer\Core\Wording\MemoryWords;
use IdleMixer\Core\Wording\MendingWords;
use IdleMixer\Core\Wording\MoveWords;
use IdleMixer\Core\Wording\PhraseWords;
use IdleMixer\Core\Wording\RestWords;
use IdleMixer\Core\Wording\RunWords;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Wording\StandWords;
use IdleMixer\Core\Wording\WayOutWords;
use IdleMixer\Core\Writing\PlanWriter;
use IdleMixer\Core\Writing\VerdictWriter;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use PDO;
use Psr\Clock\ClockInterface;

/** Hands the core to whoever asks for it, with its shipped catalogues. */
final class MixerServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', static fn(PDO|Closure $pdo, string $database, string $prefix, array $config): NotebookConnection => new NotebookConnection($pdo, $database, $prefix, $config));
        Connection::resolverFor('pgsql', static fn(PDO|Closure $pdo, string $database, string $prefix, array $config): SharedConnection => new SharedConnection($pdo, $database, $prefix, $config));
        $this->app->singleton(Who::class);
        $this->app->singleton(Reading::class);
        $this->app->singleton(Records::class);
        // What they have read they know by what it was read from: one of each reads it once a call.
        foreach ([BatchBook::class, WeatherBook::class, HeatWaves::class] as $book) {
            $this->app->singleton($book);
        }
        $this->app->singleton(CallClock::class, static fn(Application $app): CallClock => new CallClock($app->make(SystemClock::class)));
        $this->app->alias(CallClock::class, ClockInterface::class);
        $this->app->singleton(Edition::class, static fn(Application $app): Edition => Edition::of($app->basePath()));
        $this->app->bind(Forward::class, LaravelForward::class);
        $this->app->singleton(RecipeReader::class, static fn(Application $app): RecipeReader => new RecipeReader($app->make(IngredientCatalogue::class)));
        $this->app->singleton(RecipeCatalogue::class, static fn(Application $app): RecipeCatalogue => RecipeCatalogue::shipped($app->make(IngredientCatalogue::class)));
        $this->app->singleton(VerdictWriter::class, static fn(Application $app): VerdictWriter => new VerdictWriter($app->make(Sentences::class), $app->make(SourceCatalogue::class)));
        $this->app->bind(HardnessStrip::class, static fn(): HardnessStrip => new SimulatedStrip());
        $this->app->bind(Thermometer::class, static fn(): Thermometer => new SimulatedThermometer());
        $this->app->bind(WeatherSource::class, static fn(): WeatherSource => new SimulatedStation());
        foreach (self::shipped() as $class => $shipped) {
            $this->app->singleton($class, $shipped);
        }
    }

    /** @return array<class-string, Closure> what reads its own catalogues, which ship with it */
    private static function shipped(): array
    {
        return [
            IngredientCatalogue::class => IngredientCatalogue::shipped(...),
            BatchReader::class => BatchReader::shipped(...),
            DoorReader::class => DoorReader::shipped(...),
            SpoonSets::class => SpoonSets::shipped(...),
            AnotherBottle::class => AnotherBottle::shipped(...),
            NeedTable::class => NeedTable::shipped(...),
            PhraseReader::class => static fn(): PhraseReader => PhraseReader::shipped(),
            SameAmount::class => SameAmount::shipped(...),
            Vocabulary::class => Vocabulary::shipped(...),
            SourceCatalogue::class => SourceCatalogue::shipped(...),
            ToleranceCatalogue::class => ToleranceCatalogue::shipped(...),
            BenchReader::class => BenchReader::shipped(...),
            BatchWriter::class => BatchWriter::shipped(...),
            StandIns::class => StandIns::shipped(...),
            EaseWords::class => EaseWords::shipped(...),
            WayOutWords::class => WayOutWords::shipped(...),
            ColumnWords::class => ColumnWords::shipped(...),
            Limits::class => Limits::shipped(...),
            Planner::class => Planner::shipped(...),
            PlanWriter::class => PlanWriter::shipped(...),
            Sentences::class => Sentences::shipped(...),
            Findings::class => Findings::shipped(...),
            LeafWords::class => LeafWords::shipped(...),
            TroubleCatalogue::class => TroubleCatalogue::shipped(...),
            Chooser::class => Chooser::shipped(...),
            Adviser::class => Adviser::shipped(...),
            Enemies::class => Enemies::shipped(...),
            ChoiceWords::class => ChoiceWords::shipped(...),
            Containment::class => Containment::shipped(...),
            EffectCatalogue::class => EffectCatalogue::shipped(...),
            SeverityScale::class => SeverityScale::shipped(...),
            Emulsifier::class => Emulsifier::shipped(...),
            StandWords::class => StandWords::shipped(...),
            MendingWords::class => MendingWords::shipped(...),
            FairLook::class => FairLook::shipped(...),
            SprayWants::class => SprayWants::shipped(...),
            HourJudge::class => HourJudge::shipped(...),
            BottleWords::class => BottleWords::shipped(...),
            RunWords::class => RunWords::shipped(...),
            RestWords::class => RestWords::shipped(...),
            MemoryWords::class => MemoryWords::shipped(...),
            MoveWords::class => MoveWords::shipped(...),
            CourseWords::class => CourseWords::shipped(...),
            CourseMethods::class => CourseMethods::shipped(...),
            LeafPace::class => LeafPace::shipped(...),
            BiologyCatalogue::class => BiologyCatalogue::shipped(...),
            Turns::class => Turns::shipped(...),
            CoursePlanner::class => CoursePlanner::shipped(...),
            RecordBook::class => RecordBook::shipped(...),
            KnownEffects::class => KnownEffects::shipped(...),
            LookPlans::class => LookPlans::shipped(...),
            UnsprayedCatalogue::class => UnsprayedCatalogue::shipped(...),
            HourWords::class => HourWords::shipped(...),
            ShelfLife::class => ShelfLife::shipped(...),
            Diagnose::class => Diagnose::shipped(...),
            Choose::class => Choose::shipped(...),
            GateAsk::class => GateAsk::shipped(...),
            Gate::class => Gate::shipped(...),
            KindCatalogue::class => static fn(): KindCatalogue => KindCatalogue::shipped(),
            Compose::class => Compose::shipped(...),
            Worked::class => Worked::shipped(...),
            Hours::class => Hours::shipped(...),
            LifeCatalogue::class => LifeCatalogue::shipped(...),
            StageKills::class => StageKills::shipped(...),
            Courses::class => Courses::shipped(...),
            Forecasts::class => Forecasts::shipped(...),
            Shelf::class => Shelf::shipped(...),
            PhraseWords::class => PhraseWords::shipped(...),
            CanMake::class => CanMake::shipped(...),
            FromCupboard::class => FromCupboard::shipped(...),
        ];
    }

    public function boot(): void
    {
        // What a device tells of itself is no secret of ours, and is written by its script.
        EncryptCookies::except(['zone', 'theme', 'who']);
        Event::listen('eloquent.creating: *', static function (string $event, array $of): void {
            $record = $of[0] ?? null;
            if ($record instanceof Model && isset(app(Records::class)->signed()[$record->getTable()])) {
                $record->setAttribute('who', app(Who::class)->name());
            }
        });
        if ($this->app->runningInConsole()) {
            $this->commands([PlanCommand::class, DescribeCommand::class, DiagnoseCommand::class, ChooseCommand::class, GateCommand::class, ComposeCommand::class, WorkedCommand::class, LeafCommand::class, HoursCommand::class, CourseCommand::class, ForecastCommand::class, ShelfCommand::class, PassphraseCommand::class, OpenCommand::class, CloseCommand::class, BackupCommand::class, RestoreCommand::class, PreloadListCommand::class]);
        }
    }
}
