<?php

declare(strict_types=1);

namespace App\Console;

use App\Notebook\KeptAnswers;
use App\Notebook\Opening;
use App\Notebook\Places;
use App\Notebook\Refused;
use App\Notebook\StoreFault;
use App\Records\Fresh;
use IdleMixer\Core\Words\Say;
use PDOException;
use Psr\Clock\ClockInterface;

final class OpenCommand extends SaidCommand
{
    /** What ./start takes for “served as a page that says why”. */
    private const REFUSED = 3;

    protected $signature = 'mixer:open {--fresh} {--empty}';

    public function handle(Opening $opening, Places $places, ClockInterface $clock, Fresh $fresh, KeptAnswers $kept): int
    {
        $places->refuse(null);
        // They are of the version that was served before, or of another notebook.
        $kept->forget();
        try {
            foreach ($opening->open($clock->now(), (bool) $this->option('fresh'), ! (bool) $this->option('empty')) as $said) {
                $this->line($said);
            }
            $changed = $fresh->byTheseRules();
            if ($changed['rounds'] !== [] || $changed['cases'] !== []) {
                $places->rejudge($changed['rounds'], $changed['cases']);
            }
            if ($changed['rounds'] !== []) {
                $this->line(Say::it('console/open-command.judged-anew', ['many' => count($changed['rounds'])]));
            }
            if ($changed['cases'] !== []) {
                $this->line(Say::it('console/open-command.other-days', ['many' => count($changed['cases'])]));
            }

            return self::SUCCESS;
        } catch (Refused $refused) {
            $this->line($refused->getMessage());
            $places->refuse($refused->getMessage());

            return self::REFUSED;
        } catch (StoreFault|PDOException $fault) {
            $this->line(Say::it('console/open-command.notebook-could-not-be-opened', ['notebook' => $places->notebook, 'get-message' => StoreFault::of($fault, $places->notebook)->getMessage()]));

            return self::FAILURE;
        }
    }
}
