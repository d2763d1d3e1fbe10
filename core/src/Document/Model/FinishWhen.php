<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** When the finish goes on. */
enum FinishWhen: string
{
    case Before = 'before';
    case After = 'after';
}
