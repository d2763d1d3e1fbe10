<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Observation;

/** All that one kind of reading is to the survey: what it is called, what it says of the room, and where its tape lies. */
interface Measurement
{
    /** "width at 1 200, at the back". */
    public function name(Reading $r): Text;

    /** The view a person would draw it in. */
    public function view(Reading $r, Space $space): View;

    /** What a take of it says of the unknowns; null where the space has nothing for it to say. */
    public function equation(Reading $r, Take $take, EquationTerms $in): ?Observation;

    /** @return array{Point, Point} where the tape, level or gauge lies in that view, mm as the view has them */
    public function tape(Reading $r, View $view, Tapes $on): array;
}
