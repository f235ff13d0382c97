<table class="bores">
    <caption class="sr-only">Wall of cylinder {{ $page->cylinder }}, beyond the radius as made, in {{ $page->unit }}</caption>
    <colgroup><col class="names"><col><col><col><col></colgroup>
    <thead><tr><td></td>@foreach(['top', 'middle', 'bottom', 'wall'] as $column)<th scope="col">{{ $column }}</th>@endforeach</tr></thead>
    <tbody>
        @foreach($page->rows as $row)
            <tr class="{{ $row->kind }}">
                <th scope="row">{{ $row->label }}</th>
                @foreach($row->cells as $cell)
                    <td
                        class="{{ $cell->state->value }}" data-place="{{ $cell->place }}" data-words="{{ $cell->words }}"
                        data-prompt="{{ $cell->prompt }}" data-saw="{{ $cell->standing }}">
                        @if($cell->main !== '')<b>{{ $cell->main }}</b>@endif
                        @if($cell->small !== '')<small>{{ $cell->small }}</small>@endif
                    </td>
                @endforeach
            </tr>
        @endforeach
    </tbody>
</table>
