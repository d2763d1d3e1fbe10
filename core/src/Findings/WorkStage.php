<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

/** The stage of work that shows a finding. */
enum WorkStage: string
{
    case Site = 'site';
    case Piece = 'piece';
    case Fit = 'fit';
    case Cut = 'cut';
    case Make = 'make';
    case Log = 'log';
}
