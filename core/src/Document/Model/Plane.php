<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Where along the depth a reading is taken: at the opening or against the back wall. */
enum Plane: string
{
    case Front = 'front';
    case Back = 'back';
}
