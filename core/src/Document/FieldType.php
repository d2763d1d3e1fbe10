<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

enum FieldType: string
{
    case Length = 'length';
    case Count = 'count';
    case Flag = 'flag';
    case Choice = 'choice';
}
