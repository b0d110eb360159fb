set -l commands picture run query convert handout page
complete -c lunko -n "not __fish_seen_subcommand_from $commands" -a picture -d "Write the window as a PNG file"
complete -c lunko -n "not __fish_seen_subcommand_from $commands" -a run -d "Run an SQL script, or the queries of a lesson"
complete -c lunko -n "not __fish_seen_subcommand_from $commands" -a query -d "Run one SQL query over tables in files"
complete -c lunko -n "not __fish_seen_subcommand_from $commands" -a convert -d "Write the tables of files to one"
complete -c lunko -n "not __fish_seen_subcommand_from $commands" -a handout -d "Write what learners are given of a lesson"
complete -c lunko -n "not __fish_seen_subcommand_from $commands" -a page -d "Write a lesson as a page for learners"
complete -c lunko -s h -l help -d "Show the options"
complete -c lunko -s V -l version -d "Show the version"
