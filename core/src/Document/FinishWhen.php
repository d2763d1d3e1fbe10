<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** When the finish goes on. */
enum FinishWhen: string
{
    case Before = 'before';
    case After = 'after';
}
