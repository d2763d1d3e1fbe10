<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** What may be appended to a project's record; nothing here is ever erased. */
enum FactKind: string
{
    case Take = 'take';
    case Note = 'note';
    case Photo = 'photo';
    /** Of a reading: it could not be taken. */
    case Unreached = 'unreached';
    case Bought = 'bought';
    case Done = 'done';
    case Begun = 'begun';
    case Sawn = 'sawn';
    case Crosscut = 'crosscut';
    case CutWrong = 'cut_wrong';
    case AsBuilt = 'as_built';
    case Checked = 'checked';
    case Choice = 'choice';
    case Verdict = 'verdict';
    case Mistake = 'mistake';
    case Hidden = 'hidden';
    case Tin = 'tin';
    case Cared = 'cared';
    case HandedOver = 'handed_over';
    /** Of a part or a step. */
    case Remark = 'remark';
    case Picture = 'picture';
}
