package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;

import java.nio.charset.Charset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Choice;
import lunko.desktop.action.Controls;
import lunko.desktop.action.Form;
import lunko.desktop.lesson.TableFiles;
import lunko.exchange.Imported;
import lunko.exchange.Intake;
import lunko.exchange.csv.Dialect;
import lunko.problem.Checked;
import lunko.table.Table;

/** How a file is to be read, as it was found and to be put right, with the tables that would come of it. */
public final class IntakePane extends VBox {
    private static final int MOST_SHOWN = 9;
    private static final double MOST_SHEETS_HIGH = 220;

    private final TableFiles files;
    private final Optional<String> inPlaceOf;
    private final Runnable close;
    private final VBox preview = new VBox();
    private final Button take = Controls.button(words().imports().takeTables());
    private Intake intake;

    /** Shows a file; its tables are taken in the place of one that is there, or beside them. */
    public IntakePane(TableFiles files, Intake intake, Optional<String> inPlaceOf, Runnable close) {
        this.files = files;
        this.intake = intake;
        this.inPlaceOf = inPlaceOf;
        this.close = close;
        getStyleClass().addAll("card", "recipe", "intake");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        String file = String.valueOf(intake.file().getFileName());
        Label title = new Label(inPlaceOf.map(table -> words().imports().importInPlace(file, table))
                .orElseGet(() -> words().imports().importFile(file)));
        title.getStyleClass().add("key-check-title");
        preview.getStyleClass().addAll("recipe-preview", "intake-preview");
        Form form = new Form();
        switch (intake) {
            case Intake.OfText text -> ofText(form, text.dialect());
            case Intake.OfSheets sheets -> ofSheets(form, sheets);
            case Intake.Plain _ -> {}
        }
        HBox middle = new HBox(form, preview);
        middle.getStyleClass().add("recipe-middle");
        getChildren().addAll(title, middle, buttons());
        show();
    }

    private void ofText(Form form, Dialect found) {
        form.ask(words().imports().betweenFields(),
                choice("separator", Dialect.SEPARATORS, found.separator(), words().imports()::sign,
                        sign -> change(dialect -> dialect.separated(sign))));
        List<Optional<Character>> quotes = List.of(Optional.of('"'), Optional.of('\''), Optional.empty());
        form.ask(words().imports().aroundFields(),
                choice("quote", quotes, found.quote(), quote -> quote.map(words().imports()::sign).orElse("nothing"),
                        quote -> change(dialect -> dialect.quoted(quote))));
        form.ask(words().imports().encoding(),
                choice("encoding", Dialect.encodings(), found.encoding(), Charset::displayName,
                        encoding -> change(dialect -> dialect.in(encoding))));
        CheckBox header = Controls.checkBox(words().imports().firstLineNames());
        header.setSelected(found.header());
        header.selectedProperty().subscribe((_, named) -> change(dialect -> dialect.named(named)));
        form.ask(header);
    }

    private void change(Function<Dialect, Dialect> change) {
        if (intake instanceof Intake.OfText text) {
            intake = new Intake.OfText(text.file(), text.bytes(), change.apply(text.dialect()));
            show();
        }
    }

    private void ofSheets(Form form, Intake.OfSheets found) {
        List<CheckBox> sheets = found.sheets().stream().map(sheet -> Controls.checkBox(sheet.name())).toList();
        sheets.forEach(box -> box.setSelected(true));
        TextField range = new TextField();
        range.setPromptText(words().imports().allCells());
        range.setId("intake-range");
        CheckBox header = Controls.checkBox(words().imports().firstRowNames());
        header.setSelected(found.header());
        Runnable changed = () -> {
            Set<Integer> left = IntStream.range(0, sheets.size()).filter(i -> !sheets.get(i).isSelected()).boxed()
                    .collect(Collectors.toSet());
            intake = new Intake.OfSheets(found.file(), found.sheets(), left, range.getText(), header.isSelected());
            show();
        };
        sheets.forEach(box -> box.selectedProperty().subscribe((_, _) -> changed.run()));
        range.textProperty().subscribe((_, _) -> changed.run());
        header.selectedProperty().subscribe((_, _) -> changed.run());
        VBox boxes = new VBox(6);
        boxes.getChildren().addAll(sheets);
        ScrollPane scroll = new ScrollPane(boxes);
        scroll.setId("intake-sheets");
        scroll.setMaxHeight(MOST_SHEETS_HIGH);
        if (sheets.size() > 1) form.ask(words().imports().sheets(), scroll);
        form.ask(words().imports().cells(), range);
        form.ask(header);
    }

    private static <T> Choice<T> choice(String id, List<T> all, T found, Function<T, String> name,
            Consumer<T> chosen) {
        Choice<T> box = new Choice<>(all, name);
        box.setId("intake-" + id);
        box.setValue(found);
        box.setPrefWidth(190);
        box.valueProperty().subscribe((_, now) -> chosen.accept(now));
        return box;
    }

    private Node buttons() {
        take.setOnAction(_ -> intake.tables().handle(brought -> {
            close.run();
            files.take(brought, inPlaceOf);
        }, _ -> show()));
        return Form.answers(take, close);
    }

    private void show() {
        Checked<Imported> tables = intake.tables();
        take.setDisable(tables instanceof Checked.Invalid);
        tables.handle(brought -> {
            Table first = brought.tables().getFirst();
            Label title = new Label(brought.tables().stream().map(Table::name).collect(Collectors.joining(", ")));
            title.getStyleClass().add("recipe-head");
            preview.getChildren().setAll(title, new RowPreview(first, MOST_SHOWN));
            brought.notes().forEach(note -> preview.getChildren().add(about(note.said(words()))));
        }, problem -> preview.getChildren().setAll(about(words().problems().of(problem).text())));
    }

    private static Label about(String text) {
        Label about = new Label(text);
        about.getStyleClass().add("intake-said");
        about.setWrapText(true);
        about.setMaxWidth(420);
        return about;
    }
}
