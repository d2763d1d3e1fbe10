<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** Everything the core throws on purpose; the message is one clear sentence for a person. */
interface CoreException extends \Throwable
{
}
