<?php

declare(strict_types=1);

namespace Incastro\Core;

use Incastro\Core\Document\Change\Applied;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Memory\Forgetful;
use Incastro\Core\Memory\Memory;
use Incastro\Core\Planning\Planning;

/** The one door in. Same document, same plan, byte for byte; it never searches. */
final class Planner
{
    /**
     * @param  array<array-key, mixed>  $document  a decoded project document
     * @param  Memory  $memory  of stages of plans made before: the plan is the same with it and without
     * @param  Project|null  $read  what the document reads as, where it was just read (Applied)
     *
     * @throws DocumentRejected when the document cannot be read
     */
    public static function plan(array $document, Memory $memory = new Forgetful, ?Project $read = null): Plan
    {
        $planning = new Planning($document, $memory, $read);

        return new Plan($planning->project->unit, $planning->sections());
    }
}
