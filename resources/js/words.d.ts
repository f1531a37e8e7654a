// Which sentences there are, for the type checker: a screen that names another does not pass it.
import type app from '../../core/words/en/screens/app.json';
import type batch from '../../core/words/en/screens/batch.json';
import type bench from '../../core/words/en/screens/bench.json';
import type cases from '../../core/words/en/screens/cases.json';
import type choose from '../../core/words/en/screens/choose.json';
import type courses from '../../core/words/en/screens/courses.json';
import type day from '../../core/words/en/screens/day.json';
import type label from '../../core/words/en/screens/label.json';
import type leaf from '../../core/words/en/screens/leaf.json';
import type lib from '../../core/words/en/screens/lib.json';
import type look from '../../core/words/en/screens/look.json';
import type offline from '../../core/words/en/screens/offline.json';
import type parts from '../../core/words/en/screens/parts.json';
import type plants from '../../core/words/en/screens/plants.json';
import type recipes from '../../core/words/en/screens/recipes.json';
import type row from '../../core/words/en/screens/row.json';
import type run from '../../core/words/en/screens/run.json';
import type season from '../../core/words/en/screens/season.json';
import type shed from '../../core/words/en/screens/shed.json';
import type shelf from '../../core/words/en/screens/shelf.json';
import type sprayer from '../../core/words/en/screens/sprayer.json';
import type sums from '../../core/words/en/screens/sums.json';
import type today from '../../core/words/en/screens/today.json';
import type trials from '../../core/words/en/screens/trials.json';
import type worked from '../../core/words/en/screens/worked.json';

type Of<Area extends string, Words> = `${Area}/${Extract<keyof Words, string>}`;

declare global {
    type Sentence =
        | Of<'app', typeof app>
        | Of<'batch', typeof batch>
        | Of<'bench', typeof bench>
        | Of<'cases', typeof cases>
        | Of<'choose', typeof choose>
        | Of<'courses', typeof courses>
        | Of<'day', typeof day>
        | Of<'label', typeof label>
        | Of<'leaf', typeof leaf>
        | Of<'lib', typeof lib>
        | Of<'look', typeof look>
        | Of<'offline', typeof offline>
        | Of<'parts', typeof parts>
        | Of<'plants', typeof plants>
        | Of<'recipes', typeof recipes>
        | Of<'row', typeof row>
        | Of<'run', typeof run>
        | Of<'season', typeof season>
        | Of<'shed', typeof shed>
        | Of<'shelf', typeof shelf>
        | Of<'sprayer', typeof sprayer>
        | Of<'sums', typeof sums>
        | Of<'today', typeof today>
        | Of<'trials', typeof trials>
        | Of<'worked', typeof worked>;

    /**
     * A sentence of `core/words`, with what goes into it. It is put in when the screens are built (`resources/words`), so that
     * nothing is looked up in the browser; what the sentence does not say, or is not given, does not build.
     */
    function say(key: Sentence, given?: Record<string, string | number | null | undefined>): string;
}
