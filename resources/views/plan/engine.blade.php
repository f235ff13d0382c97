@if($engine->rows !== [])
<div data-plan-live="engine">
<h2>{{ ($plan->isWithoutBores ?? false) ? 'What came' : 'The rest of the engine' }}</h2>
<table class="engine-plan"><tbody>
@foreach($engine->rows as $row)
    <tr><th scope="row">{{ $row->name }}@foreach($row->works as $work)<small>{{ $work }}</small>@endforeach</th>
    <td>
        <div class="choices" role="radiogroup" aria-label="{{ $row->name }}">
            @foreach($row->cells as $cell)<label class="choice {{ $cell->isForbidden ? 'forbidden' : '' }}"><input
                        type="radio" name="parts[{{ $row->code }}]" value="{{ $cell->code }}" @checked($cell->isSelected)
                        @disabled($cell->isForbidden)>
                    <span><b>{{ $cell->name }}</b>
                        <span
                            class="num">{{ $cell->cost }}</span>
                                @if($cell->isRecommended || $cell->isChosen || $cell->bars !== '')<small>
                                @if($cell->isRecommended)recommended
                                @endif @if($cell->isChosen)chosen @endif
                                @if($cell->bars !== '')<span
                                        class="bad">{{ $cell->bars }}</span>@endif</small>@endif</span></label>@endforeach
        </div>
    </td>
</tr>
@endforeach
</tbody></table>
</div>
@endif
