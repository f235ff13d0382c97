<table
    class="bores @if(count($view->cylinders) > 4) many @endif"@if($view->marks !== [])
    data-columns="{{ implode(',', $view->marks) }}" data-brings="{{ implode(',', $view->cylinders) }}"@endif>
    <caption class="sr-only">Bore readings, deviations in {{ $view->unit }} from {{ $view->base }}</caption>
    <colgroup><col class="names">@foreach($view->cylinders as $cylinder)<col>@endforeach</colgroup>
    <thead>
        <tr>
            <td></td>
            @foreach($view->cylinders as $cylinder)<th scope="col"><span class="sr-only">cylinder </span>{{ $cylinder }}</th>@endforeach
        </tr>
    </thead>
    <tbody>
    @foreach($view->rows as $row)
        <tr class="{{ $row->kind }} {{ $row->group !== '' ? 'begins' : '' }} {{ strtolower($row->group) }}">
            <th scope="row"><b>{{ $row->group }}</b>{{ $row->label }}</th>
            @foreach($row->cells as $cell)
                <td
                    class="{{ $cell->state->value }}"@if($cell->place !== null) data-place="{{ $cell->place }}"
                    data-words="{{ $cell->words }}" data-prompt="{{ $cell->prompt }}"@if($cell->standing !== 0)
                    data-saw="{{ $cell->standing }}"@endif @elseif($cell->small !== '' && $cell->words !== '')
                    title="{{ $cell->words }}"@endif>
                    @if($cell->state->sign() !== '')<i aria-hidden="true">{{ $cell->state->sign() }}</i>@endif
                    @if($cell->main !== '')<b>{{ $cell->main }}</b>@endif
                    @if($cell->small !== '')<small
                            @if($cell->place === null && $cell->words !== '') aria-hidden="true"
                            @endif>{{ $cell->small }}</small>@if($cell->place === null && $cell->words !== '')<span class="sr-only">,
                                {{ $cell->words }}</span>@endif
                    @endif
                    @if($cell->state->word() !== '' && $cell->state !== \App\Pages\CellState::Missing)<span
                            class="sr-only">{{ $cell->state->word() }}</span>@endif
                </td>
            @endforeach
        </tr>
    @endforeach
    </tbody>
</table>
