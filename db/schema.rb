# This file is auto-generated from the current state of the database. Instead
# of editing this file, please use the migrations feature of Active Record to
# incrementally modify your database, and then regenerate this schema definition.
#
# This file is the source Rails uses to define your schema when running `bin/rails
# db:schema:load`. When creating a new database, `bin/rails db:schema:load` tends to
# be faster and is potentially less error prone than running all of your
# migrations from scratch. Old migrations may fail to apply correctly if those
# migrations use external dependencies or application code.
#
# It's strongly recommended that you check this file into your version control system.

ActiveRecord::Schema[7.2].define(version: 2026_12_01_000033) do
  create_table "active_storage_attachments", force: :cascade do |t|
    t.string "name", null: false
    t.string "record_type", null: false
    t.bigint "record_id", null: false
    t.bigint "blob_id", null: false
    t.datetime "created_at", null: false
    t.index ["blob_id"], name: "index_active_storage_attachments_on_blob_id"
    t.index ["record_type", "record_id", "name", "blob_id"], name: "index_active_storage_attachments_uniqueness", unique: true
  end

  create_table "active_storage_blobs", force: :cascade do |t|
    t.string "key", null: false
    t.string "filename", null: false
    t.string "content_type"
    t.text "metadata"
    t.string "service_name", null: false
    t.bigint "byte_size", null: false
    t.string "checksum"
    t.datetime "created_at", null: false
    t.index ["key"], name: "index_active_storage_blobs_on_key", unique: true
  end

  create_table "active_storage_variant_records", force: :cascade do |t|
    t.bigint "blob_id", null: false
    t.string "variation_digest", null: false
    t.index ["blob_id", "variation_digest"], name: "index_active_storage_variant_records_uniqueness", unique: true
  end

  create_table "activities", force: :cascade do |t|
    t.integer "lesson_id", null: false
    t.string "kind", null: false
    t.string "title", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["lesson_id"], name: "index_activities_on_lesson_id"
  end

  create_table "answers", force: :cascade do |t|
    t.integer "poll_id", null: false
    t.integer "seat_id"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.json "value", null: false
    t.boolean "starred", default: false, null: false
    t.string "pile"
    t.index ["poll_id", "seat_id"], name: "index_answers_on_poll_id_and_seat_id", unique: true
    t.index ["seat_id"], name: "index_answers_on_seat_id"
  end

  create_table "assets", force: :cascade do |t|
    t.integer "teacher_id", null: false
    t.string "kind", null: false
    t.string "name", null: false
    t.string "content_type", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.integer "picture_id"
    t.string "folder", default: "", null: false
    t.string "state", default: "ready", null: false
    t.integer "progress", default: 0, null: false
    t.json "facts", default: {}, null: false
    t.json "contents"
    t.datetime "away_at"
    t.index ["picture_id"], name: "index_assets_on_picture_id"
    t.index ["teacher_id", "away_at", "folder"], name: "index_assets_on_teacher_id_and_away_at_and_folder"
    t.index ["teacher_id"], name: "index_assets_on_teacher_id"
  end

  create_table "attempts", force: :cascade do |t|
    t.integer "seed", null: false
    t.integer "answered", default: 0, null: false
    t.integer "misses", default: 0, null: false
    t.integer "size", null: false
    t.datetime "finished_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.integer "edition_id", null: false
    t.integer "participant_id"
    t.integer "layer_id"
    t.json "state", null: false
    t.string "ended"
    t.datetime "away_at"
    t.float "points", default: 0.0, null: false
    t.float "most", default: 0.0, null: false
    t.index ["edition_id"], name: "index_attempts_on_edition_id"
    t.index ["layer_id"], name: "index_attempts_on_layer_id"
    t.index ["participant_id"], name: "index_attempts_on_participant_id"
  end

  create_table "bank_questions", force: :cascade do |t|
    t.integer "teacher_id", null: false
    t.string "kind", null: false
    t.json "content", null: false
    t.string "words", null: false
    t.string "subject", default: "", null: false
    t.string "tags", default: "", null: false
    t.string "digest", null: false
    t.datetime "created_at", null: false
    t.index ["teacher_id", "digest"], name: "index_bank_questions_on_teacher_id_and_digest", unique: true
  end

  create_table "cels", force: :cascade do |t|
    t.integer "take_id", null: false
    t.integer "page_id", null: false
    t.string "key", null: false
    t.integer "seq", null: false
    t.float "z", null: false
    t.text "svg", null: false
    t.json "ink"
    t.index ["take_id", "page_id", "key", "seq"], name: "index_cels_on_take_id_and_page_id_and_key_and_seq", unique: true
  end

  create_table "chunks", force: :cascade do |t|
    t.integer "take_id", null: false
    t.integer "from_ms", null: false
    t.json "data", null: false
    t.index ["take_id", "from_ms"], name: "index_chunks_on_take_id_and_from_ms", unique: true
  end

  create_table "class_teachers", force: :cascade do |t|
    t.integer "school_class_id", null: false
    t.integer "teacher_id", null: false
    t.index ["school_class_id", "teacher_id"], name: "index_class_teachers_on_school_class_id_and_teacher_id", unique: true
    t.index ["school_class_id"], name: "index_class_teachers_on_school_class_id"
    t.index ["teacher_id"], name: "index_class_teachers_on_teacher_id"
  end

  create_table "class_tools", force: :cascade do |t|
    t.integer "sitting_id", null: false
    t.string "kind", null: false
    t.json "state", null: false
    t.boolean "small", default: false, null: false
    t.boolean "shown", default: false, null: false
    t.datetime "put_away_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["sitting_id"], name: "index_class_tools_on_sitting_id"
  end

  create_table "clippings", force: :cascade do |t|
    t.integer "teacher_id", null: false
    t.integer "lesson_id", null: false
    t.string "key", null: false
    t.json "contents", null: false
    t.datetime "created_at", null: false
    t.index ["lesson_id"], name: "index_clippings_on_lesson_id"
    t.index ["teacher_id", "key"], name: "index_clippings_on_teacher_id_and_key", unique: true
    t.index ["teacher_id"], name: "index_clippings_on_teacher_id"
  end

  create_table "editions", force: :cascade do |t|
    t.integer "activity_id", null: false
    t.integer "number", null: false
    t.string "kind", null: false
    t.json "content", null: false
    t.json "rules", null: false
    t.datetime "created_at", null: false
    t.index ["activity_id", "number"], name: "index_editions_on_activity_id_and_number", unique: true
  end

  create_table "entries", force: :cascade do |t|
    t.integer "teacher_id"
    t.string "verb", null: false
    t.string "who", null: false
    t.string "about"
    t.string "address"
    t.datetime "created_at", null: false
    t.index ["created_at"], name: "index_entries_on_created_at"
    t.index ["teacher_id"], name: "index_entries_on_teacher_id"
  end

  create_table "events", force: :cascade do |t|
    t.integer "lesson_id", null: false
    t.integer "page_id"
    t.integer "take_id"
    t.integer "take_ms"
    t.string "kind", null: false
    t.string "actor", null: false
    t.json "data", null: false
    t.datetime "created_at", null: false
    t.index ["lesson_id"], name: "index_events_on_lesson_id"
    t.index ["page_id"], name: "index_events_on_page_id"
    t.index ["take_id"], name: "index_events_on_take_id"
  end

  create_table "handed_files", force: :cascade do |t|
    t.integer "teacher_id", null: false
    t.integer "picture_id"
    t.integer "asset_id"
    t.index ["asset_id"], name: "index_handed_files_on_asset_id"
    t.index ["picture_id"], name: "index_handed_files_on_picture_id"
    t.index ["teacher_id", "asset_id"], name: "index_handed_files_on_teacher_id_and_asset_id", unique: true
    t.index ["teacher_id", "picture_id"], name: "index_handed_files_on_teacher_id_and_picture_id", unique: true
    t.index ["teacher_id"], name: "index_handed_files_on_teacher_id"
  end

  create_table "handouts", force: :cascade do |t|
    t.integer "sitting_id", null: false
    t.string "kind", null: false
    t.string "title", null: false
    t.integer "page_id"
    t.integer "asset_id"
    t.string "address"
    t.json "seats"
    t.json "opened", default: [], null: false
    t.datetime "taken_back_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["asset_id"], name: "index_handouts_on_asset_id"
    t.index ["page_id"], name: "index_handouts_on_page_id"
    t.index ["sitting_id"], name: "index_handouts_on_sitting_id"
  end

  create_table "handovers", force: :cascade do |t|
    t.integer "lesson_id", null: false
    t.string "address", null: false
    t.datetime "created_at", null: false
    t.index ["address"], name: "index_handovers_on_address"
    t.index ["lesson_id"], name: "index_handovers_on_lesson_id", unique: true
  end

  create_table "imports", force: :cascade do |t|
    t.integer "lesson_id", null: false
    t.integer "asset_id", null: false
    t.integer "position", null: false
    t.integer "first", null: false
    t.integer "last", null: false
    t.string "state", default: "waiting", null: false
    t.json "pages", default: [], null: false
    t.string "note"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.json "left_out", default: {}, null: false
    t.json "jumps", default: [], null: false
    t.index ["asset_id"], name: "index_imports_on_asset_id"
    t.index ["lesson_id"], name: "index_imports_on_lesson_id"
  end

  create_table "items", force: :cascade do |t|
    t.integer "page_id", null: false
    t.string "key", null: false
    t.string "kind", null: false
    t.json "data", null: false
    t.float "z", null: false
    t.integer "seq", null: false
    t.text "svg", null: false
    t.integer "picture_id"
    t.integer "activity_id"
    t.float "left", default: 0.0, null: false
    t.float "top", default: 0.0, null: false
    t.float "right", default: 0.0, null: false
    t.float "bottom", default: 0.0, null: false
    t.text "veiled_svg"
    t.boolean "tied", default: false, null: false
    t.string "origin"
    t.string "words", default: "", null: false
    t.integer "asset_id"
    t.integer "layer_id", null: false
    t.boolean "gone", default: false, null: false
    t.integer "audiences", default: 0, null: false
    t.integer "seat_id"
    t.index ["activity_id"], name: "index_items_on_activity_id", where: "activity_id IS NOT NULL"
    t.index ["asset_id"], name: "index_items_on_asset_id", where: "asset_id IS NOT NULL"
    t.index ["layer_id"], name: "index_items_on_layer_id"
    t.index ["page_id", "key", "layer_id"], name: "index_items_on_page_id_and_key_and_layer_id", unique: true
    t.index ["page_id", "key"], name: "index_items_with_words", where: "words != ''"
    t.index ["page_id", "kind"], name: "index_items_on_page_id_and_kind"
    t.index ["page_id", "origin"], name: "index_items_on_page_id_and_origin", where: "origin IS NOT NULL"
    t.index ["page_id", "z"], name: "index_items_on_page_id_and_z"
    t.index ["page_id"], name: "index_items_tied", where: "tied"
    t.index ["picture_id"], name: "index_items_on_picture_id", where: "picture_id IS NOT NULL"
    t.index ["seat_id"], name: "index_items_on_seat_id", where: "seat_id IS NOT NULL"
  end

  create_table "layer_styles", force: :cascade do |t|
    t.integer "page_id", null: false
    t.integer "layer_id", null: false
    t.json "style", null: false
    t.index ["layer_id"], name: "index_layer_styles_on_layer_id"
    t.index ["page_id", "layer_id"], name: "index_layer_styles_on_page_id_and_layer_id", unique: true
    t.index ["page_id"], name: "index_layer_styles_on_page_id"
  end

  create_table "layers", force: :cascade do |t|
    t.integer "lesson_id", null: false
    t.string "kind", null: false
    t.integer "below_id"
    t.integer "sitting_id"
    t.integer "seat_id"
    t.datetime "created_at", null: false
    t.string "group_name"
    t.index ["below_id"], name: "index_layers_on_below_id"
    t.index ["lesson_id"], name: "index_layers_on_lesson_id"
    t.index ["lesson_id"], name: "index_layers_prepared", unique: true, where: "kind = 'prepared'"
    t.index ["seat_id"], name: "index_layers_on_seat_id"
    t.index ["sitting_id"], name: "index_layers_on_sitting_id"
  end

  create_table "lessons", force: :cascade do |t|
    t.integer "teacher_id", null: false
    t.string "title", null: false
    t.string "subject", default: "", null: false
    t.string "year", default: "", null: false
    t.json "place", default: {}, null: false
    t.datetime "binned_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.string "starting_point"
    t.string "folder", default: "", null: false
    t.integer "length"
    t.text "curriculum", default: "", null: false
    t.text "notes", default: "", null: false
    t.index ["teacher_id", "binned_at", "updated_at"], name: "index_lessons_on_teacher_id_and_binned_at_and_updated_at"
    t.index ["teacher_id", "folder"], name: "index_lessons_on_teacher_id_and_folder"
    t.index ["teacher_id"], name: "index_lessons_on_teacher_id"
  end

  create_table "letters", force: :cascade do |t|
    t.string "to", null: false
    t.string "subject", null: false
    t.text "text", null: false
    t.datetime "created_at", null: false
  end

  create_table "moves", force: :cascade do |t|
    t.integer "attempt_id", null: false
    t.integer "number", null: false
    t.string "client_id", null: false
    t.json "data", null: false
    t.json "marked"
    t.integer "ms", null: false
    t.datetime "created_at", null: false
    t.index ["attempt_id", "client_id"], name: "index_moves_on_attempt_id_and_client_id", unique: true
    t.index ["attempt_id", "number"], name: "index_moves_on_attempt_id_and_number", unique: true
  end

  create_table "operations", force: :cascade do |t|
    t.integer "page_id", null: false
    t.string "client_id", null: false
    t.integer "seq", null: false
    t.string "actor", null: false
    t.string "verb", null: false
    t.json "payload", null: false
    t.json "inverse"
    t.json "touched", null: false
    t.integer "undoes_id"
    t.boolean "undone", default: false, null: false
    t.integer "take_id"
    t.integer "take_ms"
    t.datetime "created_at", null: false
    t.integer "layer_id", null: false
    t.json "outcome"
    t.index ["layer_id"], name: "index_operations_on_layer_id"
    t.index ["page_id", "actor", "seq"], name: "index_operations_on_page_id_and_actor_and_seq"
    t.index ["page_id", "client_id"], name: "index_operations_on_page_id_and_client_id", unique: true
    t.index ["page_id", "seq"], name: "index_operations_on_page_id_and_seq", unique: true
    t.index ["take_id"], name: "index_operations_on_take_id"
    t.index ["undoes_id"], name: "index_operations_on_undoes_id"
  end

  create_table "page_copies", force: :cascade do |t|
    t.integer "layer_id", null: false
    t.integer "page_id", null: false
    t.boolean "starred", default: false, null: false
    t.string "pile"
    t.index ["layer_id", "page_id"], name: "index_page_copies_on_layer_id_and_page_id", unique: true
    t.index ["page_id"], name: "index_page_copies_on_page_id"
  end

  create_table "pages", force: :cascade do |t|
    t.integer "lesson_id", null: false
    t.integer "position", null: false
    t.string "paper", null: false
    t.string "colour", null: false
    t.integer "minutes", null: false
    t.integer "seq", default: 0, null: false
    t.datetime "binned_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.json "measures", default: {}, null: false
    t.integer "picture_id"
    t.integer "width", default: 1600, null: false
    t.integer "height", default: 900, null: false
    t.integer "renderer", default: 1, null: false
    t.json "cues", default: [], null: false
    t.boolean "indexed", default: false, null: false
    t.index ["lesson_id", "binned_at", "position"], name: "index_pages_on_lesson_id_and_binned_at_and_position"
    t.index ["lesson_id"], name: "index_pages_on_lesson_id"
    t.index ["lesson_id"], name: "index_pages_on_lesson_id_unindexed", where: "NOT indexed"
    t.index ["picture_id"], name: "index_pages_on_picture_id"
  end

  create_table "participants", force: :cascade do |t|
    t.integer "seat_id"
    t.datetime "created_at", null: false
    t.index ["seat_id"], name: "index_participants_on_seat_id", unique: true
  end

  create_table "pictures", force: :cascade do |t|
    t.integer "teacher_id", null: false
    t.string "name", null: false
    t.string "content_type", null: false
    t.float "width", null: false
    t.float "height", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.string "origin"
    t.json "lines"
    t.index ["teacher_id", "origin"], name: "index_pictures_on_teacher_id_and_origin", unique: true, where: "origin IS NOT NULL"
    t.index ["teacher_id"], name: "index_pictures_on_teacher_id"
  end

  create_table "polls", force: :cascade do |t|
    t.integer "sitting_id", null: false
    t.integer "page_id", null: false
    t.boolean "revealed", default: false, null: false
    t.datetime "closed_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.string "kind", default: "letters", null: false
    t.json "settings", default: {}, null: false
    t.string "question", default: "", null: false
    t.boolean "anonymous", default: false, null: false
    t.json "answered", default: [], null: false
    t.integer "before_id"
    t.json "seats"
    t.index ["before_id"], name: "index_polls_on_before_id"
    t.index ["page_id"], name: "index_polls_on_page_id"
    t.index ["sitting_id"], name: "index_polls_on_sitting_id"
  end

  create_table "remarks", force: :cascade do |t|
    t.integer "attempt_id", null: false
    t.integer "question", null: false
    t.float "points"
    t.string "comment", default: "", null: false
    t.datetime "updated_at", null: false
    t.index ["attempt_id", "question"], name: "index_remarks_on_attempt_id_and_question", unique: true
  end

  create_table "school_classes", force: :cascade do |t|
    t.string "title", null: false
    t.date "delete_on"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
  end

  create_table "schools", force: :cascade do |t|
    t.string "sign_up", default: "approval", null: false
    t.integer "keep_days", default: 90, null: false
  end

  create_table "seats", force: :cascade do |t|
    t.integer "sitting_id", null: false
    t.string "name", null: false
    t.string "token", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.string "code"
    t.json "rights"
    t.boolean "ink_hidden", default: false, null: false
    t.datetime "hand_at"
    t.string "out"
    t.integer "student_id"
    t.boolean "waiting", default: false, null: false
    t.string "group_name"
    t.boolean "simulated", default: false, null: false
    t.index ["ink_hidden"], name: "index_seats_on_ink_hidden", where: "ink_hidden"
    t.index ["sitting_id", "name"], name: "index_seats_on_sitting_id_and_name", unique: true
    t.index ["sitting_id"], name: "index_seats_on_sitting_id"
    t.index ["student_id"], name: "index_seats_on_student_id"
    t.index ["token"], name: "index_seats_on_token", unique: true
  end

  create_table "sendings", force: :cascade do |t|
    t.integer "sitting_id", null: false
    t.integer "activity_id", null: false
    t.json "seats"
    t.datetime "taken_back_at"
    t.datetime "created_at", null: false
    t.index ["activity_id"], name: "index_sendings_on_activity_id"
    t.index ["sitting_id"], name: "index_sendings_on_sitting_id"
  end

  create_table "shares", force: :cascade do |t|
    t.integer "lesson_id", null: false
    t.string "token", null: false
    t.datetime "withdrawn_at"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.integer "sitting_id"
    t.index "lesson_id, COALESCE(sitting_id, 0)", name: "index_shares_that_stand", unique: true, where: "withdrawn_at IS NULL"
    t.index ["lesson_id"], name: "index_shares_on_lesson_id"
    t.index ["sitting_id"], name: "index_shares_on_sitting_id"
    t.index ["token"], name: "index_shares_on_token", unique: true
  end

  create_table "sign_ins", force: :cascade do |t|
    t.integer "teacher_id", null: false
    t.string "digest", null: false
    t.string "address", null: false
    t.string "agent", null: false
    t.datetime "seen_at", null: false
    t.datetime "created_at", null: false
    t.index ["digest"], name: "index_sign_ins_on_digest", unique: true
    t.index ["teacher_id"], name: "index_sign_ins_on_teacher_id"
  end

  create_table "sittings", force: :cascade do |t|
    t.integer "lesson_id", null: false
    t.integer "page_id", null: false
    t.string "code"
    t.datetime "opened_at"
    t.datetime "shut_at"
    t.datetime "began_at", null: false
    t.datetime "ended_at"
    t.boolean "locked", default: false, null: false
    t.string "title", default: "", null: false
    t.string "ending"
    t.boolean "beside", default: false, null: false
    t.json "times", default: {}, null: false
    t.datetime "seen_at"
    t.json "cued", default: [], null: false
    t.json "rights", default: ["answer"], null: false
    t.integer "school_class_id"
    t.string "entry", default: "any", null: false
    t.boolean "waits", default: false, null: false
    t.boolean "paging", default: false, null: false
    t.index ["code"], name: "index_sittings_on_code", unique: true, where: "opened_at IS NOT NULL AND shut_at IS NULL"
    t.index ["lesson_id"], name: "index_sittings_kept", where: "ending = 'kept'"
    t.index ["lesson_id"], name: "index_sittings_on_lesson_id"
    t.index ["lesson_id"], name: "index_sittings_that_go_on", unique: true, where: "ended_at IS NULL AND NOT beside"
    t.index ["page_id"], name: "index_sittings_on_page_id"
    t.index ["school_class_id"], name: "index_sittings_on_school_class_id"
  end

  create_table "students", force: :cascade do |t|
    t.integer "school_class_id", null: false
    t.string "name", null: false
    t.string "code", null: false
    t.string "sourced_id"
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.index ["code"], name: "index_students_on_code", unique: true
    t.index ["school_class_id", "name"], name: "index_students_on_school_class_id_and_name", unique: true
    t.index ["school_class_id"], name: "index_students_on_school_class_id"
  end

  create_table "takes", force: :cascade do |t|
    t.integer "lesson_id", null: false
    t.integer "page_id", null: false
    t.string "title", null: false
    t.string "state", default: "recording", null: false
    t.integer "length_ms", default: 0, null: false
    t.json "trail", default: [], null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.integer "layer_id"
    t.json "opening"
    t.json "chapters", default: [], null: false
    t.index ["layer_id"], name: "index_takes_on_layer_id"
    t.index ["lesson_id"], name: "index_takes_on_lesson_id"
    t.index ["page_id"], name: "index_takes_on_page_id"
  end

  create_table "teachers", force: :cascade do |t|
    t.string "name", null: false
    t.string "email", null: false
    t.string "password_digest", null: false
    t.datetime "created_at", null: false
    t.datetime "updated_at", null: false
    t.json "preferences", default: {}, null: false
    t.json "hosts", default: [], null: false
    t.boolean "administrator", default: false, null: false
    t.datetime "let_in_at"
    t.string "next_email"
    t.datetime "left_old_at"
    t.datetime "reached_new_at"
    t.string "factor_secret"
    t.datetime "factor_at"
    t.integer "factor_used_at"
    t.text "recovery"
    t.string "school_login"
    t.index ["email"], name: "index_teachers_on_email", unique: true
    t.index ["school_login"], name: "index_teachers_on_school_login", unique: true
  end

  create_table "utterances", force: :cascade do |t|
    t.string "digest", null: false
    t.datetime "created_at", null: false
    t.index ["digest"], name: "index_utterances_on_digest", unique: true
  end

  create_table "voice_pieces", force: :cascade do |t|
    t.integer "take_id", null: false
    t.integer "number", null: false
    t.binary "sound", null: false
    t.index ["take_id", "number"], name: "index_voice_pieces_on_take_id_and_number", unique: true
  end

  add_foreign_key "active_storage_attachments", "active_storage_blobs", column: "blob_id"
  add_foreign_key "active_storage_variant_records", "active_storage_blobs", column: "blob_id"
  add_foreign_key "activities", "lessons"
  add_foreign_key "answers", "polls"
  add_foreign_key "answers", "seats"
  add_foreign_key "assets", "pictures"
  add_foreign_key "assets", "teachers"
  add_foreign_key "attempts", "editions"
  add_foreign_key "attempts", "layers"
  add_foreign_key "attempts", "participants"
  add_foreign_key "bank_questions", "teachers"
  add_foreign_key "cels", "takes"
  add_foreign_key "chunks", "takes"
  add_foreign_key "class_tools", "sittings"
  add_foreign_key "clippings", "teachers"
  add_foreign_key "editions", "activities"
  add_foreign_key "entries", "teachers", on_delete: :nullify
  add_foreign_key "events", "lessons"
  add_foreign_key "events", "pages"
  add_foreign_key "events", "takes"
  add_foreign_key "handed_files", "assets"
  add_foreign_key "handed_files", "pictures"
  add_foreign_key "handed_files", "teachers"
  add_foreign_key "handovers", "lessons"
  add_foreign_key "imports", "assets"
  add_foreign_key "imports", "lessons"
  add_foreign_key "items", "activities"
  add_foreign_key "items", "assets"
  add_foreign_key "items", "layers"
  add_foreign_key "items", "pages"
  add_foreign_key "items", "pictures"
  add_foreign_key "layer_styles", "layers"
  add_foreign_key "layer_styles", "pages"
  add_foreign_key "layers", "layers", column: "below_id"
  add_foreign_key "layers", "lessons"
  add_foreign_key "layers", "seats"
  add_foreign_key "layers", "sittings"
  add_foreign_key "lessons", "teachers"
  add_foreign_key "moves", "attempts"
  add_foreign_key "operations", "layers"
  add_foreign_key "operations", "operations", column: "undoes_id"
  add_foreign_key "operations", "pages"
  add_foreign_key "operations", "takes"
  add_foreign_key "page_copies", "layers", on_delete: :cascade
  add_foreign_key "page_copies", "pages", on_delete: :cascade
  add_foreign_key "pages", "lessons"
  add_foreign_key "pages", "pictures"
  add_foreign_key "participants", "seats"
  add_foreign_key "pictures", "teachers"
  add_foreign_key "polls", "pages"
  add_foreign_key "polls", "sittings"
  add_foreign_key "remarks", "attempts"
  add_foreign_key "seats", "sittings"
  add_foreign_key "sendings", "activities"
  add_foreign_key "sendings", "sittings"
  add_foreign_key "shares", "lessons"
  add_foreign_key "shares", "sittings"
  add_foreign_key "sign_ins", "teachers", on_delete: :cascade
  add_foreign_key "sittings", "lessons"
  add_foreign_key "sittings", "pages"
  add_foreign_key "takes", "layers"
  add_foreign_key "takes", "lessons"
  add_foreign_key "takes", "pages"
  add_foreign_key "voice_pieces", "takes"
end
