<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** What a tape or level is asked in a niche. */
enum ReadingKind: string
{
    case Width = 'width';
    case Height = 'height';
    case Depth = 'depth';
    case Diagonal = 'diagonal';
    case Plumb = 'plumb';
    case Level = 'level';
}
