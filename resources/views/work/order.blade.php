@foreach($view->groups() as $group)
<section class="work-part">
<h2>{{ $group->title }} <small>{{ $group->closed() }} of {{ $group->count() }} closed</small></h2>
@foreach($group->rows as $row)
<div class="work-row {{ $row->isCurrent() ? 'current' : '' }}">
    <div class="what">
        <b>{{ $row->title }}</b>
        <span class="machine">{{ $row->machine }}</span>@if($row->range !== '')<span class="num range">{{ $row->range }}</span>@endif
    </div>
    <div class="cells {{ $row->isSingle() ? 'single' : 'of-'.$row->across() }}">
    @foreach($row->cells as $cell)
        <a
            class="cell {{ $cell->state->value }} {{ $cell->isCurrent ? 'here' : '' }}" id="{{ $cell->anchor() }}"
            href="?at={{ urlencode($cell->key) }}#entry-operation" data-op="{{ $cell->key }}" data-name="{{ $cell->name }}"
            @if($cell->isCurrent) aria-current="true" @endif @if($cell->said !== '') title="{{ $cell->said }}" @endif><span
                class="sr-only">{{ $cell->spoken }}</span>@if($cell->label !== '')<small
                    aria-hidden="true">{{ $cell->label }}</small>@endif<span
                class="num"
                aria-hidden="true">{{ $cell->text }}</span>@if($cell->state->sign() !== '' && $cell->text !== $cell->state->sign())<i
                    aria-hidden="true">{{ $cell->state->sign() }}</i>@endif
            @if($row->isSingle() && $cell->said !== '')<em>{{ $cell->said }}</em>@endif</a>
    @endforeach
    </div>
    <p class="print-only instruction">
        {{ $row->instruction }} Closed by: {{ $row->check }}. @foreach($row->remarks as $remark)<b>{{ $remark }}</b> @endforeach
    </p>
</div>
@endforeach
</section>
@endforeach
