<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Whether what meets the house is cut from the readings beforehand, or long and fitted at the wall. */
enum ScribeWhere: string
{
    case Site = 'site';
    case Precut = 'precut';
}
