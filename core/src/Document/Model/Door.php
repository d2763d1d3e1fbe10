<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Fields\Settings;

/** What closes a bay, with its settings as read through the fields of its kind. */
final readonly class Door
{
    public function __construct(public DoorKind $kind, public Settings $is)
    {
    }
}
