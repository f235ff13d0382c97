@foreach($view->tables as $table)
<table class="bores parts @if($table['isMany']) many @endif">
    <caption>{{ $table['title'] }}</caption>
    <colgroup><col class="names">@foreach($table['columns'] as $column)<col>@endforeach</colgroup>
    <thead><tr><td></td>@foreach($table['columns'] as $column)<th scope="col">{{ $column }}</th>@endforeach</tr></thead>
    <tbody>
    @foreach($table['rows'] as $row)
        <tr class="{{ $row->kind }} {{ $row->group !== '' ? 'begins' : '' }}">
            <th scope="row">@if($row->group !== '')<b>{{ $row->group }}</b>@endif{{ $row->label }}</th>
            @foreach($row->cells as $cell)
                <td
                    class="{{ $cell->classes() }}"@if($cell->place !== null) data-place="{{ $cell->place }}" data-words="{{ $cell->words }}"
                    data-prompt="{{ $cell->prompt }}"@if($cell->standing !== 0) data-saw="{{ $cell->standing }}"@endif @endif>
                    @if($cell->state->sign() !== '')<i aria-hidden="true">{{ $cell->state->sign() }}</i>@endif
                    @if($cell->main !== '')<b>{{ $cell->main }}</b>@endif @if($cell->small !== '')<small>{{ $cell->small }}</small>@endif
                    @if($cell->state->word() !== '' && $cell->state !== \App\Pages\CellState::Missing)<span
                            class="sr-only">{{ $cell->state->word() }}</span>@endif
                </td>
            @endforeach
        </tr>
    @endforeach
    </tbody>
</table>
@endforeach
